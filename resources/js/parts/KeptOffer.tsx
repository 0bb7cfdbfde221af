import { sayDate } from "@/lib/words";
import type { Kept } from "@/lib/kept";
import Button from "./Button";

/** "You typed something here that was not saved": to put back, or to throw away. */
export default function KeptOffer<T>({ kept, onTake }: { kept: Kept<T>; onTake: (data: T) => void }) {
    const { offer } = kept;
    if (offer === null) {
        return null;
    }
    const at = new Date(offer.at);
    const two = (n: number): string => String(n).padStart(2, "0");
    const when = `${sayDate(`${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`)}, ${two(at.getHours())}:${two(at.getMinutes())}`;
    return (
        <section
            aria-label="Typed and not saved"
            className="border-hold bg-card mb-3 flex flex-wrap items-center gap-3 rounded-md border-l-4 p-2.5 text-sm"
        >
            <p className="min-w-0 flex-1">
                <span aria-hidden="true">■ </span>
                <strong>You typed something here that was not saved</strong> ({when}). It is kept in this browser only.
            </p>
            <Button
                small
                tone="main"
                onClick={() => {
                    onTake(offer.data);
                    kept.take();
                }}
            >
                Put it back
            </Button>
            <Button small onClick={kept.drop}>
                Throw it away
            </Button>
        </section>
    );
}
