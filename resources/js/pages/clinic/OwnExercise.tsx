import Button from "@/parts/Button";
import Field, { FieldError, inputClass } from "@/parts/Field";
import Figure from "@/parts/Figure";
import SelectField from "@/parts/SelectField";
import Shell from "@/parts/Shell";
import type { OwnExerciseProps, OwnRungForm } from "@/types/props";
import { Link, useForm } from "@inertiajs/react";

const TEXTS: [keyof OwnRungForm & ("name" | "step" | "set_up" | "too_hard_if" | "too_easy_if" | "feel"), string][] = [
    ["name", "Name"],
    ["step", "What this step is"],
    ["set_up", "Set-up, whole by itself"],
    ["feel", "What to feel"],
    ["too_hard_if", "Too hard if"],
    ["too_easy_if", "Too easy if"],
];

/** A copy of an exercise in the clinic's own words: which steps, how they are told, what they ask, which pictures. */
export default function OwnExercise({ code, source, form: start, figures, poses, options, lead }: OwnExerciseProps) {
    const form = useForm(start);
    const errors = form.errors as Record<string, string | undefined>;
    const change = (n: number, with_: Partial<OwnRungForm>) =>
        form.setData(
            "rungs",
            form.data.rungs.map((rung, i) => (i === n ? { ...rung, ...with_ } : rung)),
        );
    return (
        <Shell title={code ? `Change ${start.name}` : `Copy of ${source.name}`}>
            <main id="work" className="max-w-6xl px-5 py-4">
                <p className="text-soft text-sm">
                    <Link className="underline" href="/exercises">
                        Exercises
                    </Link>{" "}
                    / a copy of{" "}
                    <Link className="underline" href={`/exercises/${source.code}`}>
                        {source.name}
                    </Link>
                </p>
                <h1 className="text-2xl font-bold">{code ? start.name : "An exercise of the clinic's own"}</h1>
                <p className="text-soft max-w-3xl">
                    It is judged, dosed and progressed like the exercise it is a copy of. It may ask more; asking less
                    takes a lead and a reason, which stays in the record.
                </p>
                <form
                    className="mt-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        if (code) {
                            form.put(`/own-exercises/${code}`, { preserveScroll: "errors" });
                        } else {
                            form.post("/own-exercises", { preserveScroll: "errors" });
                        }
                    }}
                >
                    <div className="grid gap-3 md:grid-cols-2">
                        <Field label="Name" error={errors.name}>
                            <input
                                className={inputClass}
                                value={form.data.name}
                                onChange={(e) => form.setData("name", e.target.value)}
                            />
                        </Field>
                        <Field label="What it is for" error={errors.purpose}>
                            <input
                                className={inputClass}
                                value={form.data.purpose}
                                onChange={(e) => form.setData("purpose", e.target.value)}
                            />
                        </Field>
                        <Field label="Other names, one a line" error={errors.words} hint="to be found by">
                            <textarea
                                className={inputClass}
                                rows={2}
                                value={form.data.words}
                                onChange={(e) => form.setData("words", e.target.value)}
                            />
                        </Field>
                        <Field
                            label="Why it may ask less"
                            error={errors.reason}
                            hint={lead ? "only where it does" : "a lead fills this in where it does"}
                        >
                            <textarea
                                className={inputClass}
                                rows={2}
                                value={form.data.reason}
                                onChange={(e) => form.setData("reason", e.target.value)}
                            />
                        </Field>
                    </div>
                    <ol className="mt-4">
                        {form.data.rungs.map((rung, n) => (
                            <li key={rung.code} className="border-sand border-t py-3">
                                <label className="flex items-center gap-2 text-lg font-bold">
                                    <input
                                        type="checkbox"
                                        className="accent-water size-5"
                                        checked={rung.use}
                                        onChange={(e) => change(n, { use: e.target.checked })}
                                    />
                                    {n + 1}. {rung.name}
                                </label>
                                {rung.use && (
                                    <div className="mt-2 grid gap-4 md:grid-cols-[17rem_1fr]">
                                        <Poses
                                            rung={rung}
                                            figure={figures.find((f) => f.code === rung.code)?.figure}
                                            poses={poses}
                                            onChange={(with_) => change(n, with_)}
                                        />
                                        <div>
                                            <Words rung={rung} n={n} errors={errors} onChange={(w) => change(n, w)} />
                                            <Asks rung={rung} options={options} onChange={(w) => change(n, w)} />
                                        </div>
                                    </div>
                                )}
                            </li>
                        ))}
                    </ol>
                    <FieldError error={errors.rungs ?? errors.version ?? errors.copied_from} />
                    <div className="mt-3 flex flex-wrap gap-3">
                        <Button tone="main" type="submit" disabled={form.processing}>
                            {code ? "Save" : "Add to the clinic's own"}
                        </Button>
                        <Link className="self-center underline" href={`/exercises/${code ?? source.code}`}>
                            Leave it
                        </Link>
                    </div>
                </form>
            </main>
        </Shell>
    );
}

type Change = (with_: Partial<OwnRungForm>) => void;

function Poses({
    rung,
    figure,
    poses,
    onChange,
}: {
    rung: OwnRungForm;
    figure: OwnExerciseProps["figures"][number]["figure"] | undefined;
    poses: OwnExerciseProps["poses"];
    onChange: Change;
}) {
    return (
        <div>
            {figure && <Figure data={figure} label={rung.name} className="h-32 w-full" />}
            <SelectField
                label="Start as in"
                value={rung.start_pose}
                options={poses}
                onChange={(start_pose) => onChange({ start_pose })}
            />
            <SelectField
                label="End as in"
                value={rung.end_pose}
                options={poses}
                onChange={(end_pose) => onChange({ end_pose })}
            />
        </div>
    );
}

function Words({
    rung,
    n,
    errors,
    onChange,
}: {
    rung: OwnRungForm;
    n: number;
    errors: Record<string, string | undefined>;
    onChange: Change;
}) {
    return (
        <div className="grid gap-2 md:grid-cols-2">
            {TEXTS.map(([key, label]) => (
                <Field key={key} label={label} error={errors[`rungs.${n}.${key}`]}>
                    <input
                        className={inputClass}
                        value={rung[key]}
                        onChange={(e) => onChange({ [key]: e.target.value })}
                    />
                </Field>
            ))}
            <Field label="Cues, one a line" error={errors[`rungs.${n}.cues`]}>
                <textarea
                    className={inputClass}
                    rows={3}
                    value={rung.cues}
                    onChange={(e) => onChange({ cues: e.target.value })}
                />
            </Field>
            <Field label="Mistakes, one a line" error={errors[`rungs.${n}.mistakes`]}>
                <textarea
                    className={inputClass}
                    rows={3}
                    value={rung.mistakes}
                    onChange={(e) => onChange({ mistakes: e.target.value })}
                />
            </Field>
        </div>
    );
}

function Asks({
    rung,
    options,
    onChange,
}: {
    rung: OwnRungForm;
    options: OwnExerciseProps["options"];
    onChange: Change;
}) {
    const degrees = (top: number): [string, string][] =>
        Array.from({ length: top + 1 }, (_, i) => [String(i), `${i} of ${top}`]);
    return (
        <details className="mt-2">
            <summary className="text-water cursor-pointer">What it asks of the body</summary>
            <div className="mt-2 grid gap-2 md:grid-cols-3">
                <Field label="Seconds each">
                    <input
                        className={inputClass}
                        inputMode="decimal"
                        value={rung.seconds_per_unit}
                        onChange={(e) => onChange({ seconds_per_unit: Number(e.target.value) || 0 })}
                    />
                </Field>
                <SelectField
                    label="Balance"
                    value={String(rung.balance)}
                    options={degrees(4)}
                    onChange={(v) => onChange({ balance: Number(v) })}
                />
                <SelectField
                    label="Impact"
                    value={String(rung.impact)}
                    options={degrees(3)}
                    onChange={(v) => onChange({ impact: Number(v) })}
                />
                <SelectField
                    label="Held on to"
                    value={rung.usual_support}
                    options={options.usual_support}
                    onChange={(usual_support) => onChange({ usual_support })}
                />
                <SelectField
                    label="Load on the spine"
                    value={rung.spine_load}
                    options={options.spine_load}
                    onChange={(spine_load) => onChange({ spine_load })}
                />
                <SelectField
                    label="Tempts to hold the breath"
                    value={rung.breath}
                    options={options.breath}
                    onChange={(breath) => onChange({ breath })}
                />
            </div>
            <fieldset className="mt-2">
                <legend className="text-sm font-medium">Motions</legend>
                <div className="grid gap-x-4 md:grid-cols-3">
                    {options.motions.map(([code, label]) => (
                        <label key={code} className="flex min-h-7 items-center gap-2 text-sm">
                            <input
                                type="checkbox"
                                className="accent-water size-5 shrink-0"
                                checked={rung.motions.includes(code)}
                                onChange={(e) =>
                                    onChange({
                                        motions: e.target.checked
                                            ? [...rung.motions, code]
                                            : rung.motions.filter((m) => m !== code),
                                    })
                                }
                            />
                            {label}
                        </label>
                    ))}
                </div>
            </fieldset>
        </details>
    );
}
