import type { SheetItem } from "@/types/props";

/** How much, so that it is seen first. */
export default function DoseLine({ item, words }: { item: SheetItem; words: Record<string, string> }) {
    return (
        <p className="bg-shallow my-1.5 rounded-md px-3 py-1.5 text-2xl font-bold print:border print:border-black print:bg-white">
            {amount(item, words)}
        </p>
    );
}

export function amount(item: SheetItem, words: Record<string, string>): string {
    return [
        `${item.dose.amount}${item.dose.kind === "reps" ? ` ${words.times}` : ""}`,
        item.dose.held ? `, ${item.dose.held}` : "",
        item.sides ? `, ${item.sides}` : "",
        item.dose.load ? ` · ${item.dose.load}` : "",
    ].join("");
}
