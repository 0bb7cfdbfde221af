import { usePage } from "@inertiajs/react";
import type { KitOptions, Option, ScreenOptions } from "@/types/props";

/** What the lists of this page's form offer: the server's words, as it also checks them. */
export const useScreenOptions = (): ScreenOptions => (usePage().props as unknown as { options: ScreenOptions }).options;

export const useKitOptions = (): KitOptions => (usePage().props as unknown as { options: KitOptions }).options;

/** A choice that may also be left open. */
export const orNone = (options: Option[], word: string): Option[] => [["", word], ...options];
