import Shell from "@/parts/Shell";
import type { ProblemProps } from "@/types/props";
import { Link } from "@inertiajs/react";

const WORDS: Record<number, [string, string]> = {
    400: ["That cannot be read", "The address holds characters that no page here knows. Nothing was changed."],
    403: [
        "This is not yours to open",
        "It belongs to another clinic. If you think that is wrong, ask your clinic lead.",
    ],
    404: ["There is nothing here", "The page or the client does not exist, or is no longer there."],
    405: ["There is nothing here", "This address does not answer that way. Nothing was changed."],
    409: ["Somebody saved at the same moment", "Nothing was changed here. Go back and send it once more."],
    413: ["That is too large", "Nothing was saved. Send less at once."],
    419: [
        "This page was open too long",
        "Nothing was changed. Sign in if you are asked to, open the page again: what you typed is offered there.",
    ],
    429: ["Too many tries", "Wait a minute and try again."],
    503: [
        "Back in a moment",
        "The application or its database does not answer just now. What you typed is kept in this browser and offered when the page opens again.",
    ],
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
