import type { ReviewSession } from "@/types/props";
import { Link } from "@inertiajs/react";

const known = (pain: number | null): string => (pain === null ? "not told" : String(pain));

/** What the session was like, before its exercises are decided one by one. */
export default function SessionAsAWhole({ session, clientId }: { session: ReviewSession; clientId: number }) {
    if (session.skipped !== null) {
        return <p className="mt-1 text-sm">Called off: {session.skipped}</p>;
    }
    const facts = [
        `${session.exercises} exercises, ${session.sets} of ${session.sets_asked} sets`,
        session.hardest > 0 ? `hardest set RPE ${session.hardest}` : "",
        `pain ${known(session.pain_before)} before, ${known(session.pain_during)} at most during, ${known(session.pain_next_morning)} next morning${session.pain_where === null ? "" : ` (${session.pain_where})`}`,
        session.form_broke > 0 ? `form broke in ${session.form_broke} sets` : "",
    ].filter(Boolean);
    return (
        <p className="mt-1 text-sm">
            {facts.join("; ")}.{session.note && <span className="text-soft"> “{session.note}”</span>}
            {session.to_see && (
                <strong className="text-hold">
                    {" "}
                    It came from elsewhere:{" "}
                    <Link className="underline" href={`/clients/${clientId}/log`}>
                        look at it first
                    </Link>
                    .
                </strong>
            )}
        </p>
    );
}
