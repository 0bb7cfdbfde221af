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
            // Out of a box, so that letters are keys again; a list that is open is closed first.
            if (event.key === "Escape" && typing(event.target) && !inDialog()) {
                const box = event.target as HTMLElement;
                if (box.getAttribute("aria-expanded") !== "true") {
                    box.blur();
                }
                return;
            }
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

/** Puts the focus on what a page has marked: `data-next`, what comes next on it, or `data-save`. Nothing is pressed. */
export function focusOn(mark: "next" | "save"): void {
    const found = [...document.querySelectorAll<HTMLElement>(`[data-${mark}]:not(:disabled)`)];
    found.find((e) => e.offsetParent !== null)?.focus();
}

/** Down and up lead from one marked box to the next, past what stands between them. */
export function useArrows(): void {
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            const by = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : 0;
            if (by === 0 || !(event.target instanceof HTMLElement) || !event.target.matches("input[data-value]")) {
                return;
            }
            const all = [...document.querySelectorAll<HTMLElement>("input[data-value]")].filter(
                (e) => e.offsetParent !== null,
            );
            event.preventDefault();
            all[all.indexOf(event.target) + by]?.focus();
        };
        window.addEventListener("keydown", onKey);
        return () => window.removeEventListener("keydown", onKey);
    }, []);
}
