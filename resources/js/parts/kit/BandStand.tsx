import { useMassUnit } from "@/lib/mass";
import { useKitOptions } from "@/lib/options";
import MassInput from "@/parts/MassInput";
import Button from "@/parts/Button";
import Field from "@/parts/Field";
import Figure from "@/parts/Figure";
import SelectField from "@/parts/SelectField";
import type { BandAnswer } from "@/types/props";
import { useEffect, useState } from "react";

/** Where to stand with this band, or how short to grip it, for a pull that is wanted: asked of the core as one types. */
export default function BandStand({
    clientId,
    bandId,
    rungs,
}: {
    clientId: number;
    bandId: number;
    rungs: { code: string; name: string }[];
}) {
    const [rung, setRung] = useState(rungs.find((r) => r.code === "band_row/seated")?.code ?? rungs[0]?.code ?? "");
    const [at, setAt] = useState("mean");
    const unit = useMassUnit();
    const offers = useKitOptions();
    const [kgf, setKgf] = useState("");
    const [answer, setAnswer] = useState<BandAnswer | null>(null);
    const [error, setError] = useState<string | null>(null);
    useEffect(() => {
        const stop = new AbortController();
        const wait = setTimeout(() => {
            fetch(
                `/clients/${clientId}/kit/band?band=${bandId}&rung=${encodeURIComponent(rung)}&at=${at}&kgf=${encodeURIComponent(kgf)}`,
                { signal: stop.signal, headers: { Accept: "application/json" } },
            )
                .then(async (got) => {
                    const body = (await got.json()) as BandAnswer & { message?: string };
                    setAnswer(got.ok ? body : null);
                    setError(got.ok ? null : (body.message ?? "This could not be worked out."));
                })
                .catch(() => undefined);
        }, 150);
        return () => {
            clearTimeout(wait);
            stop.abort();
        };
    }, [clientId, bandId, rung, at, kgf]);
    return (
        <section aria-label="Where to stand" className="min-w-80 flex-1">
            <div className="flex flex-wrap items-end gap-2">
                <div className="w-60">
                    <SelectField
                        label="Exercise"
                        value={rung}
                        options={rungs.map((r) => [r.code, r.name] as const)}
                        onChange={setRung}
                    />
                </div>
                <div className="w-28">
                    <Field label={`Pull, ${unit}`}>
                        <MassInput placeholder={answer?.pull ?? ""} value={kgf} onValue={setKgf} />
                    </Field>
                </div>
                <div className="w-36">
                    <SelectField label="Meant for" value={at} options={offers.pull_at} onChange={setAt} />
                </div>
                {kgf !== "" && (
                    <Button small tone="quiet" onClick={() => setKgf("")}>
                        as measured
                    </Button>
                )}
            </div>
            {error && (
                <p role="alert" className="text-stop mt-1 text-sm">
                    {error}
                </p>
            )}
            {answer && <Answer answer={answer} />}
        </section>
    );
}

function Answer({ answer }: { answer: BandAnswer }) {
    return (
        <div className="mt-2 text-sm" aria-live="polite">
            {answer.out && (
                <p className="text-stop">
                    <span aria-hidden="true">≈ </span>Not open for this client: {answer.out}
                </p>
            )}
            <p className="text-base font-medium">{answer.says}</p>
            <p className="text-soft">
                {kgfLine(answer)} {answer.target_says}
            </p>
            <div className="mt-1 flex flex-wrap items-end gap-4">
                {answer.top_view && <TopView view={answer.top_view} stand={answer.stand_cm ?? 0} />}
                <Figure data={answer.figure} label="The exercise" className="h-20 w-44" />
            </div>
            <ul className="mt-1 list-disc pl-5">
                {answer.notes.map((note) => (
                    <li key={note}>{note}</li>
                ))}
            </ul>
        </div>
    );
}

function kgfLine(a: BandAnswer): string {
    return `Pulls ${a.start ?? "?"} at the start (${a.start_pct} % longer), ${a.middle ?? "?"} half-way, ${a.end ?? "?"} at the end (${a.end_pct} %), ${a.mean ?? "?"} on average.`;
}

/** From above: the anchor on the left, the band to the hand, the body where it stands. Lengths in mm from the core. */
function TopView({ view, stand }: { view: NonNullable<BandAnswer["top_view"]>; stand: number }) {
    const reach = Math.max(view.body, view.hand_end);
    const x = (mm: number) => 14 + (mm / reach) * 230;
    return (
        <svg
            viewBox="0 0 290 84"
            className="w-72"
            role="img"
            aria-label={`From above: stand ${stand} cm from the ${view.anchor}`}
        >
            <line x1="10" x2="10" y1="8" y2="64" className="stroke-wood" strokeWidth="5" />
            <line x1="10" x2={x(view.hand_start)} y1="36" y2="36" className="stroke-ink" strokeWidth="2.5" />
            <circle cx={x(view.hand_start)} cy="36" r="4" className="fill-ink" />
            <circle cx={x(view.hand_end)} cy="36" r="4" className="stroke-ink" fill="none" strokeWidth="1.5" />
            <ellipse cx={x(view.body)} cy="36" rx="9" ry="18" className="fill-ink" opacity="0.85" />
            <line x1="10" x2={x(view.body)} y1="70" y2="70" className="stroke-soft" strokeDasharray="3 3" />
            <text x={(10 + x(view.body)) / 2} y="82" textAnchor="middle" className="fill-ink text-[11px]">
                {stand} cm
            </text>
        </svg>
    );
}
