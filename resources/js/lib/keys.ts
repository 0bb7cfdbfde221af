import type { Shared } from "@/types/props";
import { usePage } from "@inertiajs/react";
import { useEffect } from "react";

const typing = (target: EventTarget | null): boolean =>
    target instanceof HTMLElement &&
    (target.isContentEditable || ["INPUT", "SELECT", "TEXTAREA"].includes(target.tagName));

/** Behind an open dialog nothing is done by a letter. */
const inDialog = (): boolean => document.querySelector('[role="dialog"], dialog[open]') !== null;

/** Single keys while nobody is typing, unless the person switched them off. A handler that returns nothing has used the key. */
export function useKeys(handlers: Record<string, () => void>): void {
    const { me } = usePage().props as unknown as Shared;
    const off = me?.letter_keys === false;
    useEffect(() => {
        if (off) {
            return undefined;
        }
        const onKey = (event: KeyboardEvent) => {
            if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || inDialog()) {
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
