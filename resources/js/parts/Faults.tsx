import type { StoredFault } from "@/types/props";
import { router } from "@inertiajs/react";
import Button from "./Button";

/** What of a record cannot be read as it is stored, and what there is to be done about each. */
export default function Faults({ clientId, faults }: { clientId: number; faults: StoredFault[] }) {
    if (faults.length === 0) {
        return null;
    }
    return (
        <section aria-label="To put right" className="border-stop bg-card mb-4 rounded-md border-l-4 p-3">
            <h2 className="font-bold">
                <span aria-hidden="true">■ </span>This record cannot be read as it is stored
            </h2>
            <p className="text-sm">
                Nothing is planned from it until it is put right: correct it on Screen and save, or take the part out.
            </p>
            <ul className="mt-1 text-sm">
                {faults.map((fault) => (
                    <li
                        key={`${fault.part}-${fault.id}`}
                        className="border-sand flex flex-wrap items-center gap-3 border-t py-1.5"
                    >
                        <span className="min-w-0 flex-1">
                            <strong>{fault.where}</strong>: {fault.says}
                        </span>
                        {fault.take_out && (
                            <Button
                                small
                                onClick={() =>
                                    router.post(
                                        `/clients/${clientId}/mend`,
                                        { part: fault.part, id: fault.id },
                                        { preserveScroll: true },
                                    )
                                }
                            >
                                Take it out<span className="sr-only">: {fault.where}</span>
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}
