import type { Shared } from "@/types/props";
import { usePage } from "@inertiajs/react";

/** Which letters do what on this page; nothing for who has switched letters off. */
export default function KeysHint({ says }: { says: string }) {
    const { me } = usePage().props as unknown as Shared;
    return me?.letter_keys === false ? null : <p className="text-soft mt-2 text-xs">{says}</p>;
}
