import { sayDate } from "@/lib/words";
import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import { useState } from "react";

/** Pain the morning after comes a day late. */
export default function NextMorning({
    on,
    error,
    onSave,
}: {
    on: string;
    error: string | undefined;
    onSave: (pain: string) => void;
}) {
    const [pain, setPain] = useState("");
    return (
        <form
            noValidate
            className="bg-beach mb-4 flex flex-wrap items-start gap-3 rounded-md p-3"
            onSubmit={(event) => {
                event.preventDefault();
                onSave(pain);
            }}
        >
            <Field
                label={`Pain the morning after ${sayDate(on)}, 0-10`}
                error={error}
                hint="changes the review when it was worse than before"
            >
                <input
                    className={inputClass}
                    inputMode="numeric"
                    value={pain}
                    onChange={(e) => setPain(e.target.value)}
                />
            </Field>
            <Button type="submit" className="mt-6">
                Save
            </Button>
        </form>
    );
}
