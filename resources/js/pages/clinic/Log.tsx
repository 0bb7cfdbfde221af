import Options from "@/parts/Options";
import { newId } from "@/lib/id";
import {
    atTheTop,
    fitting,
    isEasier,
    loadsOf,
    onDay,
    topOf,
    type ItemForm,
    type LogForm,
    type PlanOfLog,
} from "@/lib/logForm";
import { useMassUnit } from "@/lib/mass";
import { useKept } from "@/lib/kept";
import { useKeys } from "@/lib/keys";
import KeptOffer from "@/parts/KeptOffer";
import MassInput from "@/parts/MassInput";
import { sayDate, weekday } from "@/lib/words";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import Field, { FieldError, inputClass } from "@/parts/Field";
import PastSessions from "@/parts/PastSessions";
import Clocks from "@/parts/log/Clocks";
import EachSet from "@/parts/log/EachSet";
import HowDone from "@/parts/log/HowDone";
import SeenList, { FormAdvice } from "@/parts/log/SeenList";
import type { CorrectingForm, LogProps } from "@/types/props";
import { Link, useForm, usePage } from "@inertiajs/react";
import { useState } from "react";

export default function Log({ client, plan, logs, signs, supports, recipes, correcting }: LogProps) {
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
                    supports={supports}
                    recipes={recipes}
                    correcting={correcting}
                />
            )}
            <PastSessions clientId={client.id} logs={logs} />
        </ClientShell>
    );
}

/** A session as it was done, or one that is corrected: then with what was entered, on the plan it was done on. */
function SessionForm({
    client,
    plan,
    signs,
    supports,
    recipes,
    correcting,
}: {
    client: LogProps["client"];
    plan: PlanOfLog;
    signs: LogProps["signs"];
    supports: LogProps["supports"];
    recipes: LogProps["recipes"];
    correcting: CorrectingForm | null;
}) {
    const { me } = usePage().props as unknown as { me: { today: string } };
    const form = useForm<LogForm>(() =>
        correcting
            ? { ...correcting, confirmed: true }
            : {
                  confirmed: false,
                  plan_id: plan.id,
                  // One key a form: however often it is sent, it is one session.
                  key: newId(),
                  corrects: null,
                  done_on: me.today,
                  pain_before: "",
                  pain_next_morning: "",
                  pain_where: "",
                  stop_sign: "",
                  skipped: "",
                  note: "",
                  items: plan.items.map((i) => ({
                      item: i.id,
                      done: false,
                      effort: "",
                      left: "",
                      ...onDay(i, me.today),
                      stood_cm: "",
                      pain_during: "",
                      broken: "",
                      seen: [],
                      support: "",
                      pauses: "",
                      instead: "",
                      sets: i.sets.map((s) => ({ amount: "", side: s.side, effort: "", left: "" })),
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
    const [told, setTold] = useState("");
    /** The next set that is still empty, as it was planned: for one key a set, while one watches. */
    const asPlanned = () =>
        form.setData((data) => {
            for (const [n, item] of plan.items.entries()) {
                const row = data.items[n];
                const k = row?.sets.findIndex((s) => s.amount === "") ?? -1;
                const planned = !item.off_days.includes(weekday(data.done_on));
                const next = row?.sets[k];
                if (!row || !next || !planned || row.instead !== "") {
                    continue;
                }
                const amount = String(topOf(item.dose, next.side));
                setTold(`${item.name}, set ${k + 1} of ${row.sets.length}: ${amount} ${item.dose.unit}.`);
                const filled: ItemForm = {
                    ...row,
                    done: true,
                    effort: row.effort === "" && row.left === "" ? String(item.dose.effort_hi) : row.effort,
                    sets: row.sets.map((s, i) => (i === k ? { ...s, amount } : s)),
                };
                return { ...data, items: data.items.map((r, i) => (i === n ? filled : r)) };
            }
            setTold("Every set is filled in.");
            return data;
        });
    useKeys({ x: asPlanned });
    /** A clock's result goes into the next empty set of its exercise. */
    const fromClock = (n: number) => (amount: string) =>
        form.setData((data) => ({
            ...data,
            items: data.items.map((row, i) => {
                const k = row.sets.findIndex((s) => s.amount === "");
                return i !== n || k < 0
                    ? row
                    : { ...row, done: true, sets: row.sets.map((s, j) => (j === k ? { ...s, amount } : s)) };
            }),
        }));
    const text = (key: "done_on" | "pain_before" | "pain_next_morning" | "pain_where" | "skipped" | "note") => ({
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
            <div className="mt-1 grid gap-3 md:grid-cols-[8.5rem_7.5rem_8.5rem_1fr_1fr]">
                <Field label="Day" error={errors.done_on}>
                    <input
                        {...text("done_on")}
                        onChange={(e) => {
                            const day = e.target.value;
                            // What is entered already stays as it was entered.
                            form.setData((data) => ({
                                ...data,
                                done_on: day,
                                items: data.items.map((row, i) => {
                                    const item = plan.items[i];
                                    return item && !row.done && weekday(day) > 0
                                        ? { ...row, ...onDay(item, day) }
                                        : row;
                                }),
                            }));
                        }}
                    />
                </Field>
                <Field label="Pain before, 0-10" error={errors.pain_before}>
                    <input {...text("pain_before")} inputMode="numeric" />
                </Field>
                <Field label="Next morning, 0-10" error={errors.pain_next_morning} hint="can follow later">
                    <input {...text("pain_next_morning")} inputMode="numeric" />
                </Field>
                <Field label="Pain where" error={errors.pain_where}>
                    <input {...text("pain_where")} />
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
                        <Options of={signs} />
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
                                return item && !item.off_days.includes(weekday(data.done_on))
                                    ? { ...row, ...atTheTop(item, row, isEasier(plan, data.done_on)) }
                                    : row;
                            }),
                        }))
                    }
                >
                    Everything done, to the top of each range
                </Button>
                <span className="text-soft">then correct what was different, and enter the RPE of each</span>
                <Link href={`/clients/${client.id}/log/paper`} className="text-water min-h-6 underline">
                    several sessions, from paper or a file
                </Link>
                <span role="status" className="num w-full">
                    {told || "Key x: the next set, as planned."}
                </span>
            </div>
            {isEasier(plan, form.data.done_on) && (
                <p className="mt-2">
                    ▽ An easier week: fewer sets are asked for. It counts neither for a step nor against it.
                </p>
            )}
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
                                {item.off_days.includes(weekday(form.data.done_on)) && (
                                    <p className="text-soft ml-7 text-sm">○ not planned for that day</p>
                                )}
                                {item.light && (
                                    <label className="ml-7 flex min-h-8 items-center gap-2 text-sm">
                                        <input
                                            type="checkbox"
                                            className="accent-water size-5 shrink-0"
                                            checked={row.light}
                                            onChange={(e) =>
                                                set(n, {
                                                    light: e.target.checked,
                                                    ...loadsOf(
                                                        (e.target.checked && item.light ? item.light : item).dose,
                                                    ),
                                                })
                                            }
                                        />
                                        <span>
                                            light day: {item.light.dose.amount}
                                            {item.light.dose.load ? `, ${item.light.dose.load}` : ""}, RPE{" "}
                                            {item.light.dose.effort}
                                            <span className="sr-only"> of {item.name}</span>
                                        </span>
                                    </label>
                                )}
                                {item.advice.length > 0 && (
                                    <div className="ml-7">
                                        <FormAdvice advice={item.advice} />
                                    </div>
                                )}
                                <Button
                                    small
                                    tone="quiet"
                                    className="ml-6"
                                    onClick={() => set(n, atTheTop(item, row, isEasier(plan, form.data.done_on)))}
                                >
                                    {item.dose.apart
                                        ? "all to the top"
                                        : `all ${item.dose.amount_hi} ${item.dose.unit}`}
                                    <span className="sr-only"> of {item.name}</span>
                                </Button>
                            </div>
                            {!row.done && (
                                <HowDone
                                    item={item}
                                    row={row}
                                    supports={supports}
                                    errors={errors}
                                    at={at}
                                    onChange={(part) => set(n, part)}
                                />
                            )}
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
                                        {item.dose.takes !== null &&
                                            (item.dose.apart
                                                ? (["left_load_kg", "right_load_kg"] as const)
                                                : (["load_kg"] as const)
                                            ).map((key) => {
                                                const side =
                                                    key === "load_kg"
                                                        ? ""
                                                        : key === "left_load_kg"
                                                          ? " left"
                                                          : " right";
                                                const what = `${item.dose.takes === "pull" ? "Pull" : "Load"}${side}, ${unit}`;
                                                return (
                                                    <Field
                                                        key={key}
                                                        className={key === "load_kg" ? "w-22" : "w-28"}
                                                        label={what}
                                                        error={errors[`${at}.${key}`]}
                                                    >
                                                        <MassInput
                                                            aria-label={`${item.name}, ${what.toLowerCase()}`}
                                                            value={row[key]}
                                                            onValue={(typed) => set(n, { [key]: typed })}
                                                        />
                                                    </Field>
                                                );
                                            })}
                                        {(recipes[item.id]?.length ?? 0) > 0 && (
                                            <Field className="w-52" label="or by recipe">
                                                <select
                                                    className={inputClass}
                                                    aria-label={`${item.name}, load by recipe`}
                                                    value={
                                                        recipes[item.id]?.some(([kg]) => kg === row.load_kg)
                                                            ? row.load_kg
                                                            : ""
                                                    }
                                                    onChange={(e) => set(n, { load_kg: e.target.value })}
                                                >
                                                    <option value="">as typed</option>
                                                    <Options of={recipes[item.id] ?? []} />
                                                </select>
                                            </Field>
                                        )}
                                        {item.stood && (
                                            <Field
                                                className="w-28"
                                                label="or stood at, cm"
                                                error={errors[`${at}.stood_cm`]}
                                            >
                                                <input
                                                    className={inputClass}
                                                    inputMode="numeric"
                                                    aria-label={`${item.name}, stood at, cm from the anchor`}
                                                    value={row.stood_cm}
                                                    onChange={(e) => set(n, { stood_cm: e.target.value })}
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
                                    {row.sets.length > 1 && (
                                        <EachSet
                                            item={item}
                                            row={row}
                                            errors={errors}
                                            at={at}
                                            onSets={(sets) => set(n, { sets })}
                                        />
                                    )}
                                    <HowDone
                                        item={item}
                                        row={row}
                                        supports={supports}
                                        errors={errors}
                                        at={at}
                                        onChange={(part) => set(n, part)}
                                    />
                                    <Clocks
                                        name={item.name}
                                        tempo={item.dose.tempo}
                                        restS={item.dose.rest_s}
                                        timed={item.dose.unit === "s"}
                                        onResult={fromClock(n)}
                                    />
                                    <FieldError error={errors[`${at}.sets`]} />
                                    <SeenList
                                        item={item}
                                        seen={row.seen}
                                        error={errors[`${at}.seen`]}
                                        onSeen={(seen) => set(n, { seen })}
                                    />
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
            <div className="border-sand bg-paper sticky bottom-0 mt-3 flex flex-wrap items-center gap-4 border-t py-3">
                {errors.confirmed && (
                    <label className="flex min-h-8 w-full items-start gap-2">
                        <input
                            type="checkbox"
                            className="accent-water mt-0.5 size-5 shrink-0"
                            checked={form.data.confirmed}
                            onChange={(e) => form.setData("confirmed", e.target.checked)}
                        />
                        <span role="alert">{errors.confirmed}</span>
                    </label>
                )}
                <Button tone="main" type="submit" disabled={form.processing} data-save>
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
