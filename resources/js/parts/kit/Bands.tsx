import { useMassUnit } from "@/lib/mass";
import { useKitOptions } from "@/lib/options";
import MassInput from "@/parts/MassInput";
import Button from "@/parts/Button";
import Field, { FieldError, inputClass } from "@/parts/Field";
import FromDevices from "@/parts/FromDevices";
import SelectField from "@/parts/SelectField";
import type { BandForm, Reading } from "@/types/props";
import { useRef } from "react";
import BandCurve from "./BandCurve";
import BandStand from "./BandStand";
import type { Errors } from "./types";

/** Bands by measured points only: what a scale showed at each length. The name is a name and stands for no force. */
export default function Bands({
    clientId,
    bands,
    readings,
    rungs,
    errors,
    onChange,
}: {
    clientId: number;
    bands: BandForm[];
    readings: Reading[];
    rungs: { code: string; name: string }[];
    errors: Errors;
    onChange: (bands: BandForm[]) => void;
}) {
    const offers = useKitOptions();
    const focused = useRef<[number, number] | null>(null);
    const set = (i: number, part: Partial<BandForm>) =>
        onChange(bands.map((b, n) => (n === i ? { ...b, ...part } : b)));
    // What the scale shows goes to the pull that was last touched.
    const weigh = (values: Reading["values"]) => {
        const [at, pull] = focused.current ?? [bands.length - 1, 0];
        const band = bands[at];
        if (band) {
            set(at, {
                pulls: band.pulls.map((p, n) => (n === pull ? { ...p, kgf: values.mass_kg ?? "" } : p)),
            });
        }
    };
    return (
        <>
            {bands.length === 0 && (
                <div className="bg-beach max-w-2xl rounded-lg p-3 text-sm">
                    <p className="font-bold">A band is known by its pull, not by its colour.</p>
                    <ol className="mt-1 list-decimal pl-5">
                        <li>Lay it flat and measure its length at rest.</li>
                        <li>Hook one end on a luggage scale, hold the scale still on the floor or a door handle.</li>
                        <li>
                            Pull it to a quarter longer, half as long again, and double. Read the scale at each length.
                        </li>
                        <li>
                            Enter the lengths and the readings. For a loop, the flat length, and both strands together.
                        </li>
                    </ol>
                </div>
            )}
            {bands.length > 0 && (
                <FromDevices
                    clientId={clientId}
                    first={readings}
                    only="mass_kg"
                    use="use for the pull in hand"
                    onUse={weigh}
                />
            )}
            {bands.map((band, i) => (
                <fieldset key={i} className="border-sand border-b py-3">
                    <legend className="sr-only">Band {i + 1}</legend>
                    <div className="flex flex-wrap items-end gap-3">
                        <div className="w-44">
                            <Field label="Name" error={errors[`bands.${i}.label`]}>
                                <input
                                    className={inputClass}
                                    value={band.label}
                                    onChange={(e) => set(i, { label: e.target.value })}
                                />
                            </Field>
                        </div>
                        <div className="w-28">
                            <Field label="At rest, cm" error={errors[`bands.${i}.rest_cm`]}>
                                <input
                                    className={inputClass}
                                    inputMode="decimal"
                                    value={band.rest_cm}
                                    onChange={(e) => set(i, { rest_cm: e.target.value })}
                                />
                            </Field>
                        </div>
                        <div className="w-40">
                            <SelectField
                                label="Form"
                                value={band.form}
                                options={offers.band_form}
                                onChange={(form) => set(i, { form })}
                            />
                        </div>
                        <div className="w-56">
                            <SelectField
                                label="Material"
                                value={band.material}
                                options={offers.band_material}
                                onChange={(material) => set(i, { material })}
                            />
                        </div>
                        <div className="w-36">
                            <Field label="Most stretch, %" error={errors[`bands.${i}.max_pct`]}>
                                <input
                                    className={inputClass}
                                    inputMode="numeric"
                                    value={band.max_pct}
                                    onChange={(e) => set(i, { max_pct: e.target.value })}
                                />
                            </Field>
                        </div>
                        <Button
                            small
                            tone="quiet"
                            aria-label={`Remove ${band.label}`}
                            onClick={() => onChange(bands.filter((_, n) => n !== i))}
                        >
                            × remove
                        </Button>
                    </div>
                    <div className="mt-2 flex flex-wrap gap-x-4 gap-y-2">
                        <Pulls
                            band={band}
                            index={i}
                            errors={errors}
                            onChange={(pulls) => set(i, { pulls })}
                            onFocusPull={(n) => (focused.current = [i, n])}
                        />
                        {band.curve.length > 1 && <BandCurve curve={band.curve} label={band.label} />}
                        {band.id !== null && rungs.length > 0 && band.curve.length > 1 && (
                            <BandStand clientId={clientId} bandId={band.id} rungs={rungs} />
                        )}
                    </div>
                </fieldset>
            ))}
            <Button
                small
                className="mt-3"
                onClick={() =>
                    onChange([
                        ...bands,
                        {
                            id: null,
                            label: "Band",
                            rest_cm: "",
                            form: "flat",
                            material: "latex",
                            max_pct: "200",
                            pulls: [
                                { cm: "", kgf: "" },
                                { cm: "", kgf: "" },
                                { cm: "", kgf: "" },
                            ],
                            curve: [],
                        },
                    ])
                }
            >
                + Measure a band
            </Button>
        </>
    );
}

function Pulls({
    band,
    index,
    errors,
    onChange,
    onFocusPull,
}: {
    band: BandForm;
    index: number;
    errors: Errors;
    onChange: (pulls: BandForm["pulls"]) => void;
    onFocusPull: (index: number) => void;
}) {
    const unit = useMassUnit();
    const set = (n: number, part: Partial<BandForm["pulls"][number]>) =>
        onChange(band.pulls.map((p, k) => (k === n ? { ...p, ...part } : p)));
    return (
        <div>
            <div className="flex flex-wrap gap-1.5 text-sm">
                <div className="text-soft w-16 pt-2">
                    <p className="leading-9">to, cm</p>
                    <p className="mt-1 leading-9">scale, {unit}</p>
                </div>
                {band.pulls.map((pull, n) => (
                    <div key={n} className="w-16">
                        <input
                            className={inputClass}
                            inputMode="decimal"
                            aria-label={`${band.label}, pull ${n + 1}, length in cm`}
                            value={pull.cm}
                            onFocus={() => onFocusPull(n)}
                            onChange={(e) => set(n, { cm: e.target.value })}
                        />
                        <FieldError error={errors[`bands.${index}.pulls.${n}.cm`]} />
                        <MassInput
                            className={`${inputClass} mt-1`}
                            aria-label={`${band.label}, pull ${n + 1}, scale in ${unit}`}
                            value={pull.kgf}
                            onFocus={() => onFocusPull(n)}
                            onValue={(kgf) => set(n, { kgf })}
                        />
                        <FieldError error={errors[`bands.${index}.pulls.${n}.kgf`]} />
                        <Button
                            small
                            tone="quiet"
                            className="w-full"
                            aria-label={`Remove pull ${n + 1} of ${band.label}`}
                            onClick={() => onChange(band.pulls.filter((_, k) => k !== n))}
                        >
                            ×
                        </Button>
                    </div>
                ))}
            </div>
            {band.pulls.length === 0 && (
                <p className="max-w-64 text-sm">
                    Not measured: it is used by how it feels, and only where no limit caps the load.
                </p>
            )}
            <FieldError error={errors[`bands.${index}.pulls`]} />
            <Button small tone="quiet" onClick={() => onChange([...band.pulls, { cm: "", kgf: "" }])}>
                + one more length
            </Button>
        </div>
    );
}
