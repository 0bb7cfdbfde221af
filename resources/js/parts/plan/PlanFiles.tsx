import FileButton from "@/parts/FileButton";
import { FieldError } from "@/parts/Field";

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
            <FileButton label="A plan from a JSON file" accept=".json,application/json" disabled={busy} onFile={onFile}>
                A plan from a file…
            </FileButton>
            <FieldError error={error} />
        </section>
    );
}
