import type { FormAdvice as Advice, LogProps } from "@/types/props";
import { Link } from "@inertiajs/react";

type Item = NonNullable<LogProps["plan"]>["items"][number];

/** What was seen while the client did it: the exercise's own check-list, to be ticked. */
export default function SeenList({
    item,
    seen,
    error,
    onSeen,
}: {
    item: Item;
    seen: string[];
    error?: string;
    onSeen: (codes: string[]) => void;
}) {
    if (item.looks.length === 0) {
        return null;
    }
    return (
        <fieldset className="mt-2">
            <legend className="text-soft text-sm">
                Seen<span className="sr-only"> in {item.name}</span>, if you watched
            </legend>
            <div className="flex flex-wrap gap-x-4 gap-y-1">
                {item.looks.map((look) => (
                    <label key={look.code} className="flex min-h-7 items-center gap-1.5 text-sm" title={look.cue}>
                        <input
                            type="checkbox"
                            className="accent-water size-5 shrink-0"
                            checked={seen.includes(look.code)}
                            onChange={(e) =>
                                onSeen(
                                    e.target.checked ? [...seen, look.code] : seen.filter((code) => code !== look.code),
                                )
                            }
                        />
                        {look.sees}
                    </label>
                ))}
            </div>
            {error && <p className="text-stop text-sm">{error}</p>}
        </fieldset>
    );
}

/** What was seen last time, and what answers it. */
export function FormAdvice({ advice }: { advice: Advice[] }) {
    return (
        <ul>
            {advice.map((a) => (
                <li key={a.says} className="border-hold my-1 border-l-4 pl-2 text-sm">
                    ■ {a.says}
                    {a.family && (
                        <>
                            {" "}
                            <Link className="underline" href={`/exercises/${a.family}`}>
                                Look at it
                            </Link>
                        </>
                    )}
                </li>
            ))}
        </ul>
    );
}
