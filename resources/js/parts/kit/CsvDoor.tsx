import Button from "@/parts/Button";
import { FieldError } from "@/parts/Field";
import { router, usePage } from "@inertiajs/react";
import { useRef } from "react";

/** A kit in and out as comma-separated values. */
export default function CsvDoor({ clientId }: { clientId: number }) {
    const file = useRef<HTMLInputElement>(null);
    const errors = usePage().props.errors as Record<string, string | undefined>;
    return (
        <div className="text-sm">
            <input
                ref={file}
                type="file"
                accept=".csv,text/csv,text/plain"
                aria-label="File with the kit, comma-separated values"
                className="sr-only"
                tabIndex={-1}
                onChange={(event) => {
                    const chosen = event.target.files?.[0];
                    event.target.value = "";
                    if (chosen) {
                        router.post(`/clients/${clientId}/kit/import`, { file: chosen }, { forceFormData: true });
                    }
                }}
            />
            <Button small tone="quiet" onClick={() => file.current?.click()}>
                add from a CSV file
            </Button>
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
