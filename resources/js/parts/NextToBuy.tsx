import { useEffect, useState } from "react";

/** What to buy next, asked for once the page is there: the server tries every small purchase out. A key renews it. */
export default function NextToBuy({ clientId }: { clientId: number }) {
    const [answer, setAnswer] = useState<{ says: string[] | null } | "wrong" | null>(null);
    useEffect(() => {
        const stop = new AbortController();
        fetch(`/clients/${clientId}/kit/next`, { signal: stop.signal, headers: { Accept: "application/json" } })
            .then(async (got) => setAnswer(got.ok ? ((await got.json()) as { says: string[] | null }) : "wrong"))
            .catch(() => undefined);
        return () => stop.abort();
    }, [clientId]);
    return (
        <section className="mt-5">
            <h2 className="text-lg font-bold">What to buy next</h2>
            <div role="status" className="text-sm">
                {answer === null && <p className="text-soft">Trying out what would help…</p>}
                {answer === "wrong" && <p>This could not be worked out just now; open the page again.</p>}
                {answer !== null && answer !== "wrong" && <Says says={answer.says} />}
            </div>
        </section>
    );
}

function Says({ says }: { says: string[] | null }) {
    if (says === null) {
        return <p className="text-soft">Draft a plan first: it tells what its exercises will need.</p>;
    }
    return says.length === 0 ? (
        <p>Nothing needed yet: what is at home makes the next steps of every exercise in the plan.</p>
    ) : (
        <>
            <p className="text-soft">What opens most for this plan, the best first:</p>
            <ol className="ml-5 list-decimal">
                {says.map((one) => (
                    <li key={one}>{one}</li>
                ))}
            </ol>
        </>
    );
}
