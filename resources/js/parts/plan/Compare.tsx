import { ask } from "@/lib/ask";
import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import { useEffect, useState } from "react";

interface Difference {
    exercise: string;
    kind: "new" | "gone" | "changed";
    says: string[];
    /** Family and rung in the earlier version. */
    was: string | null;
}

interface Compared {
    differences: Difference[];
    /** What was decided between the two: when, by whom, what and why. */
    decisions: { on: string; by: string; says: string; reason: string | null }[];
}

const KINDS = { new: "+ new", gone: "− gone", changed: "≠ changed" };

/** Two versions side by side: what is another, by whom, and why. */
export default function Compare({
    clientId,
    version,
    versions,
    revision,
    busy,
    onTake,
}: {
    clientId: number;
    version: number;
    versions: [number, string][];
    /** Of the plans: another one is compared anew. */
    revision: number;
    busy: boolean;
    /** Puts one exercise into the draft as that version had it. */
    onTake: (version: number, family: string, rung: string) => void;
}) {
    const [other, setOther] = useState("");
    const [found, setFound] = useState<{ for: string; compared: Compared } | null>(null);
    useEffect(() => {
        if (other === "") {
            return;
        }
        const stop = new AbortController();
        ask<Compared>(`/clients/${clientId}/plan/compare?from=${other}&to=${version}`, stop.signal)
            .then((compared) => setFound({ for: other, compared }))
            .catch(() => undefined);
        return () => stop.abort();
    }, [clientId, other, version, revision]);
    if (versions.length === 0) {
        return null;
    }
    const shown = found !== null && found.for === other ? found.compared : null;
    return (
        <section aria-label="Compare with another version" className="mt-4">
            <Field label="Compare with another version" className="w-72">
                <select className={inputClass} value={other} onChange={(e) => setOther(e.target.value)}>
                    <option value="">Choose…</option>
                    {versions.map(([number, says]) => (
                        <option key={number} value={number}>
                            {says}
                        </option>
                    ))}
                </select>
            </Field>
            {shown && (
                <div className="bg-card border-sand mt-2 rounded-lg border p-3 text-sm" role="status">
                    {shown.differences.length === 0 && <p>Nothing differs between the two.</p>}
                    <ul className="space-y-1">
                        {shown.differences.map((d) => (
                            <li key={`${d.kind}.${d.exercise}`}>
                                <span className="num inline-block w-24">{KINDS[d.kind]}</span>
                                <strong>{d.exercise}</strong>: {d.says.join("; ")}{" "}
                                {d.was !== null && Number(other) < version && (
                                    <Button
                                        small
                                        disabled={busy}
                                        aria-label={`Take over from version ${other}: ${d.exercise}`}
                                        onClick={() => {
                                            const [family = "", rung = ""] = d.was?.split("/") ?? [];
                                            onTake(Number(other), family, rung);
                                        }}
                                    >
                                        As version {other} had it
                                    </Button>
                                )}
                            </li>
                        ))}
                    </ul>
                    {shown.decisions.length > 0 && (
                        <>
                            <h3 className="mt-2 font-bold">What was decided between them</h3>
                            <ul>
                                {shown.decisions.map((d, i) => (
                                    <li key={i}>
                                        {d.on}, {d.by}: {d.says}
                                        {d.reason && ` ${d.reason}`}
                                    </li>
                                ))}
                            </ul>
                        </>
                    )}
                </div>
            )}
        </section>
    );
}
