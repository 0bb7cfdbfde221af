import { router } from "@inertiajs/react";
import { useEffect } from "react";

/** After midnight, or a change of the clinic's figures, everyone is worked out anew, some at a time: said until done. */
export default function Behind({ behind }: { behind: number }) {
    useEffect(() => {
        if (behind > 0) {
            router.reload();
        }
    }, [behind]);
    return behind === 0 ? null : (
        <p role="status" className="border-hold bg-card mt-2 rounded-md border-l-4 p-2.5 text-sm">
            <span aria-hidden="true">■ </span>
            {behind === 1 ? "1 client is" : `${behind} clients are`} still being worked out for today; until then the
            list may be short of them.
        </p>
    );
}
