import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import { useState } from "react";

/** The exercises of this plan as a template of the clinic, and the templates that there are. */
export default function Templates({
    templates,
    busy,
    error,
    onKeep,
    onDiscard,
}: {
    templates: { id: number; name: string }[];
    busy: boolean;
    error: string | undefined;
    onKeep: (name: string, saved: () => void) => void;
    onDiscard: (id: number, name: string) => void;
}) {
    const [name, setName] = useState("");
    return (
        <details className="mt-4">
            <summary className="min-h-6 cursor-pointer text-sm underline decoration-dotted underline-offset-4">
                Templates of the clinic ({templates.length})
            </summary>
            <form
                noValidate
                className="mt-1 flex flex-wrap items-end gap-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    onKeep(name, () => setName(""));
                }}
            >
                <Field label="These exercises as a template" error={error} className="w-80">
                    <input
                        className={inputClass}
                        value={name}
                        maxLength={80}
                        placeholder="for example: after a knee replacement"
                        onChange={(e) => setName(e.target.value)}
                    />
                </Field>
                <Button type="submit" small disabled={busy || name.trim() === ""}>
                    Keep as a template
                </Button>
            </form>
            <ul className="mt-2 space-y-1 text-sm">
                {templates.map((t) => (
                    <li key={t.id} className="flex items-center gap-2">
                        {t.name}
                        <Button small tone="quiet" disabled={busy} onClick={() => onDiscard(t.id, t.name)}>
                            Throw away<span className="sr-only"> the template {t.name}</span>
                        </Button>
                    </li>
                ))}
            </ul>
        </details>
    );
}
