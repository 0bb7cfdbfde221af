import { useEffect } from "react";

const typing = (target: EventTarget | null): boolean =>
    target instanceof HTMLElement &&
    (target.isContentEditable || ["INPUT", "SELECT", "TEXTAREA"].includes(target.tagName));

/** Single keys while nobody is typing. A handler that returns nothing has used the key. */
export function useKeys(handlers: Record<string, () => void>): void {
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) {
                return;
            }
            const handler = handlers[event.key];
            if (handler) {
                event.preventDefault();
                handler();
            }
        };
        window.addEventListener("keydown", onKey);
        return () => window.removeEventListener("keydown", onKey);
    });
}
