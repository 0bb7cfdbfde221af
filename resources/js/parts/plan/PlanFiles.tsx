import Button from "@/parts/Button";
import { FieldError } from "@/parts/Field";
import { useRef } from "react";

/** The plan in open formats, and a plan from a file. */
export default function PlanFiles({
    clientId,
    busy,
    error,
    onFile,
}: {
    clientId: number;
    busy: boolean;
    error: string | undefined;
    onFile: (file: File) => void;
}) {
    const input = useRef<HTMLInputElement>(null);
    return (
        <section aria-label="In open formats" className="mt-4 flex flex-wrap items-center gap-3 text-sm">
            <a className="text-water underline" href={`/clients/${clientId}/plan.json`}>
                The plan as JSON
            </a>
            <a className="text-water underline" href={`/clients/${clientId}/plan.csv`}>
                The plan as CSV
            </a>
            <a className="text-water underline" href={`/clients/${clientId}/plan.ics`}>
                The days as a calendar
            </a>
            <input
                ref={input}
                type="file"
                accept=".json,application/json"
                className="sr-only"
                tabIndex={-1}
                aria-label="A plan from a JSON file"
                onChange={(e) => {
                    const file = e.target.files?.[0];
                    if (file) {
                        onFile(file);
                        e.target.value = "";
                    }
                }}
            />
            <Button small disabled={busy} onClick={() => input.current?.click()}>
                A plan from a file…
            </Button>
            <FieldError error={error} />
        </section>
    );
}
