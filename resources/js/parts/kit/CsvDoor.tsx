import FileButton from "@/parts/FileButton";
import { FieldError } from "@/parts/Field";
import { router, usePage } from "@inertiajs/react";

/** A kit in and out as comma-separated values. */
export default function CsvDoor({ clientId }: { clientId: number }) {
    const errors = usePage().props.errors as Record<string, string | undefined>;
    return (
        <div className="text-sm">
            <FileButton
                quiet
                label="File with the kit, comma-separated values"
                accept=".csv,text/csv,text/plain"
                onFile={(file) => router.post(`/clients/${clientId}/kit/import`, { file }, { forceFormData: true })}
            >
                add from a CSV file
            </FileButton>
            <a
                className="text-water hover:text-ink px-1 underline underline-offset-2"
                href={`/clients/${clientId}/kit/export.csv`}
            >
                save as CSV
            </a>
            <FieldError error={errors.file} />
        </div>
    );
}
