import { newId } from "@/lib/id";
import { useMassUnit } from "@/lib/mass";
import { useKept } from "@/lib/kept";
import KeptOffer from "@/parts/KeptOffer";
import MassInput from "@/parts/MassInput";
import { sayDate } from "@/lib/words";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import Field, { FieldError, inputClass } from "@/parts/Field";
import PastSessions from "@/parts/PastSessions";
import type { CorrectingForm, LogItemForm, LogProps } from "@/types/props";
import { Link, useForm, usePage } from "@inertiajs/react";

type ItemForm = LogItemForm;

interface LogForm {
    plan_id: number;
    key: string;
    /** The version that a correction is made on; null for a session as it was done. */
    corrects: number | null;
    done_on: string;
    pain_before: string;
    pain_next_morning: string;
    stop_sign: string;
    skipped: string;
    note: string;
    items: ItemForm[];
}

type PlanOfLog = NonNullable<LogProps["plan"]>;

export default function Log({ client, plan, logs, signs, correcting }: LogProps) {
    return (
        <ClientShell client={client} stage="log">
            {plan === null ? (
                <p>
                    No plan is issued yet.{" "}
                    <Link className="underline" href={`/clients/${client.id}/plan`}>
                        Issue one first.
                    </Link>
                </p>
            ) : (
                <SessionForm
                    key={`${plan.id}-${logs.length}-${correcting?.id ?? 0}-${correcting?.corrects ?? 0}`}
                    client={client}
                    plan={plan}
                    signs={signs}
                    correcting={correcting}
                />
            )}
            <PastSessions clientId={client.id} logs={logs} />
        </ClientShell>
    );
}

/** Of what was typed earlier, what belongs to the exercises that are here. */
const fitting = (was: ItemForm[], now: ItemForm[]): ItemForm[] =>
    now.map((row) => was.find((old) => old.item === row.item && old.sets.length === row.sets.length) ?? row);

/** Every set at the top of its range, with the load of the dose. */
const atTheTop = (item: PlanOfLog["items"][number], row: ItemForm): Partial<ItemForm> => ({
    done: true,
    load_kg: item.dose.load_kg,
    sets: row.sets.map((s) => ({ ...s, amount: String(item.dose.amount_hi) })),
});

/** A session as it was done, or one that is corrected: then with what was entered, on the plan it was done on. */
function SessionForm({
    client,
    plan,
    signs,
    correcting,
}: {
    client: LogProps["client"];
    plan: PlanOfLog;
    signs: LogProps["signs"];
    correcting: CorrectingForm | null;
}) {
    const { me } = usePage().props as unknown as { me: { today: string } };
    const form = useForm<LogForm>(
        () =>
            correcting ?? {
                plan_id: plan.id,
                // One key a form: however often it is sent, it is one session.
                key: newId(),
                corrects: null,
                done_on: me.today,
                pain_before: "",
                pain_next_morning: "",
                stop_sign: "",
                skipped: "",
                note: "",
                items: plan.items.map((i) => ({
                    item: i.id,
                    done: false,
                    effort: "",
                    left: "",
                    load_kg: i.dose.load_kg,
                    pain_during: "",
                    broken: "",
                    sets: i.sets.map((s) => ({ amount: "", side: s.side })),
                })),
            },
    );
    const kept = useKept(
        `${client.id}.log${correcting ? `.${correcting.id}` : ""}`,
        `Log: ${client.name}`,
        form.data,
        form.isDirty,
    );
    const errors = form.errors as Record<string, string | undefined>;
    const unit = useMassUnit();
    // From the data as it is then, not as it was drawn: two quick clicks must both count.
    const set = (n: number, part: Partial<ItemForm>) =>
        form.setData((data) => ({ ...data, items: data.items.map((row, i) => (i === n ? { ...row, ...part } : row)) }));
    const text = (key: "done_on" | "pain_before" | "pain_next_morning" | "skipped" | "note") => ({
        className: inputClass,
        value: form.data[key],
        onChange: (e: { target: { value: string } }) => form.setData(key, e.target.value),
    });
    return (
        <form
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                form.post(`/clients/${client.id}/log`, { preserveScroll: true, onSuccess: kept.saved });
            }}
        >
            <KeptOffer
                kept={kept}
                onTake={(was) =>
                    // A plan that was issued since has other exercises: what fits is put back, the rest is plain to see.
                    form.setData({ ...was, plan_id: form.data.plan_id, items: fitting(was.items, form.data.items) })
                }
            />
            <h2 className="text-lg font-bold">
                {correcting
                    ? `Correct the session of ${sayDate(correcting.done_on)}, on version ${plan.version}`
                    : `A session on version ${plan.version}`}
            </h2>
            {correcting && (
                <p className="text-soft text-sm">
                    What was entered before is kept beside it, and the next doses are worked out anew.{" "}
                    <Link className="underline" href={`/clients/${client.id}/log`}>
                        Leave it as it is
                    </Link>
                </p>
            )}
            <div className="mt-1 grid gap-3 md:grid-cols-[9rem_8rem_9rem_1fr]">
                <Field label="Day" error={errors.done_on}>
                    <input {...text("done_on")} />
                </Field>
                <Field label="Pain before, 0-10" error={errors.pain_before}>
                    <input {...text("pain_before")} inputMode="numeric" />
                </Field>
                <Field label="Next morning, 0-10" error={errors.pain_next_morning} hint="can follow later">
                    <input {...text("pain_next_morning")} inputMode="numeric" />
                </Field>
                <Field label="Red flag during the session" error={errors.stop_sign}>
                    <select
                        className={inputClass}
                        value={form.data.stop_sign}
                        onChange={(e) => form.setData("stop_sign", e.target.value)}
                    >
                        <option value="">none</option>
                        {form.data.stop_sign !== "" && !signs.some(([code]) => code === form.data.stop_sign) && (
                            <option>{form.data.stop_sign}</option>
                        )}
                        {signs.map(([code, label]) => (
                            <option key={code} value={code}>
                                {label}
                            </option>
                        ))}
                    </select>
                </Field>
            </div>
            <div className="mt-2 flex flex-wrap items-center gap-3 text-sm">
                <Button
                    small
                    onClick={() =>
                        form.setData((data) => ({
                            ...data,
                            items: data.items.map((row, i) => {
                                const item = plan.items[i];
                                return item ? { ...row, ...atTheTop(item, row) } : row;
                            }),
                        }))
                    }
                >
                    Everything done, to the top of each range
                </Button>
                <span className="text-soft">then correct what was different, and enter the RPE of each</span>
            </div>
            <ol className="border-sand mt-2 border-t">
                {plan.items.map((item, n) => {
                    const row = form.data.items[n];
                    if (!row) {
                        return null;
                    }
                    const at = `items.${n}`;
                    return (
                        <li key={item.id} className="border-sand grid gap-x-4 md:grid-cols-[15rem_1fr] border-b py-2">
                            <div>
                                <label className="flex min-h-6 items-start gap-2 font-bold">
                                    <input
                                        type="checkbox"
                                        className="accent-water mt-0.5 size-5 shrink-0"
                                        checked={row.done}
                                        onChange={(e) => set(n, { done: e.target.checked })}
                                    />
                                    {item.name}
                                </label>
                                <p className="text-soft ml-7 text-sm">
                                    {item.dose.amount}
                                    {item.dose.load ? `, ${item.dose.load}` : ""}, RPE {item.dose.effort}
                                    {item.sides ? `; ${item.sides}` : ""}
                                </p>
                                <Button small tone="quiet" className="ml-6" onClick={() => set(n, atTheTop(item, row))}>
                                    all {item.dose.amount_hi} {item.dose.unit}
                                    <span className="sr-only"> of {item.name}</span>
                                </Button>
                            </div>
                            {row.done && (
                                <div>
                                    <div className="flex flex-wrap items-start gap-2">
                                        {row.sets.map((s, k) => {
                                            const side = s.side === "both" ? "" : ` ${s.side}`;
                                            const n_ = item.sets[k]?.n ?? k + 1;
                                            return (
                                                <Field
                                                    key={k}
                                                    className="w-22"
                                                    label={`Set ${n_}${side}`}
                                                    error={errors[`${at}.sets.${k}.amount`]}
                                                >
                                                    <input
                                                        className={inputClass}
                                                        inputMode="numeric"
                                                        aria-label={`${item.name}, set ${n_}${side}, ${item.dose.unit}`}
                                                        value={s.amount}
                                                        onChange={(e) =>
                                                            set(n, {
                                                                sets: row.sets.map((o, i) =>
                                                                    i === k ? { ...o, amount: e.target.value } : o,
                                                                ),
                                                            })
                                                        }
                                                    />
                                                </Field>
                                            );
                                        })}
                                        {item.dose.load_g !== null && (
                                            <Field
                                                className="w-22"
                                                label={`Load, ${unit}`}
                                                error={errors[`${at}.load_kg`]}
                                            >
                                                <MassInput
                                                    aria-label={`${item.name}, load, ${unit}`}
                                                    value={row.load_kg}
                                                    onValue={(load_kg) => set(n, { load_kg })}
                                                />
                                            </Field>
                                        )}
                                        <Field className="w-24" label="RPE, 0-10" error={errors[`${at}.effort`]}>
                                            <input
                                                className={inputClass}
                                                aria-label={`${item.name}, RPE, 0-10`}
                                                value={row.effort}
                                                onChange={(e) => set(n, { effort: e.target.value })}
                                            />
                                        </Field>
                                        {item.dose.kind === "reps" && (
                                            <Field className="w-28" label="or reps left" error={errors[`${at}.left`]}>
                                                <input
                                                    className={inputClass}
                                                    inputMode="numeric"
                                                    aria-label={`${item.name}, reps left`}
                                                    value={row.left}
                                                    onChange={(e) => set(n, { left: e.target.value })}
                                                />
                                            </Field>
                                        )}
                                        <Field className="w-24" label="Pain during" error={errors[`${at}.pain_during`]}>
                                            <input
                                                className={inputClass}
                                                aria-label={`${item.name}, pain during, 0-10`}
                                                value={row.pain_during}
                                                onChange={(e) => set(n, { pain_during: e.target.value })}
                                            />
                                        </Field>
                                        <Field className="w-32" label="Form broke, sets" error={errors[`${at}.broken`]}>
                                            <input
                                                className={inputClass}
                                                aria-label={`${item.name}, sets in which form broke`}
                                                value={row.broken}
                                                onChange={(e) => set(n, { broken: e.target.value })}
                                            />
                                        </Field>
                                    </div>
                                    <FieldError error={errors[`${at}.sets`]} />
                                </div>
                            )}
                        </li>
                    );
                })}
            </ol>
            <div className="mt-3 grid gap-3 md:grid-cols-2">
                <Field
                    label="Called off, because"
                    error={errors.skipped}
                    hint="a session called off never counts as a failure"
                >
                    <input {...text("skipped")} />
                </Field>
                <Field label="Note" error={errors.note}>
                    <input {...text("note")} />
                </Field>
            </div>
            <div className="border-sand bg-paper sticky bottom-0 mt-3 flex items-center gap-4 border-t py-3">
                <Button tone="main" type="submit" disabled={form.processing}>
                    {correcting ? "Save the correction" : "Save session"}
                </Button>
                <FieldError error={errors.plan_id ?? errors.version} />
                {Object.keys(errors).length > 0 && (
                    <p role="alert" className="text-stop text-sm">
                        Nothing was saved; what you typed is still here.
                    </p>
                )}
            </div>
        </form>
    );
}
