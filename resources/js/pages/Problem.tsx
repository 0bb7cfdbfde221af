import Shell from "@/parts/Shell";
import type { ProblemProps } from "@/types/props";
import { Link } from "@inertiajs/react";

const WORDS: Record<number, [string, string]> = {
    403: [
        "This is not yours to open",
        "It belongs to another clinic. If you think that is wrong, ask your clinic lead.",
    ],
    404: ["There is nothing here", "The page or the client does not exist, or is no longer there."],
    419: ["This page was open too long", "Go back, reload the page, and do it once more. Nothing was changed."],
    429: ["Too many tries", "Wait a minute and try again."],
    503: ["Back in a moment", "The application is being updated."],
};

export default function Problem({ status }: ProblemProps) {
    const [title, says] = WORDS[status] ?? ["Something went wrong", "Nothing was changed. Try again."];
    return (
        <Shell title={title}>
            <main id="work" className="mx-auto mt-16 max-w-md px-4">
                <h1 className="text-2xl font-bold">{title}</h1>
                <p className="mt-2">{says}</p>
                <Link href="/" className="text-water mt-4 inline-block underline">
                    To Today
                </Link>
            </main>
        </Shell>
    );
}
