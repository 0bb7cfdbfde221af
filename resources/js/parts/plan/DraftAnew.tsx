import SelectField from "@/parts/SelectField";
import Button from "@/parts/Button";
import Field, { FieldError, inputClass } from "@/parts/Field";
import type { Option, PlanWishes } from "@/types/props";
import { useState } from "react";
import FamilyCombobox from "./FamilyCombobox";
import Ranked from "./Ranked";

/** What is sent: codes alone. */
export interface Wishes {
    goals: string[];
    pin: string[];
    exclude: string[];
    max_exercises: string;
}

/** Nothing is chosen yet. */
const CHOOSE: Option = ["", "Choose…"];

const codes = (options: Option[]): string[] => options.map(([code]) => code);

/**
 * What the next draft goes by: what they want to do again, what has to be in, what is not wanted. Nothing is drafted before
 * the button is pressed; what has been done stays, unless it is said otherwise.
 */
export default function DraftAnew({
    clientId,
    wishes,
    isFirst,
    busy,
    errors,
    onDraft,
    onClose,
}: {
    clientId: number;
    wishes: PlanWishes;
    /** Nothing is lost by the first draft. */
    isFirst: boolean;
    busy: boolean;
    errors: Record<string, string | undefined>;
    onDraft: (wishes: Wishes, keep: boolean) => void;
    onClose?: () => void;
}) {
    const [goals, setGoals] = useState(wishes.goals);
    const [pin, setPin] = useState(wishes.pin);
    const [exclude, setExclude] = useState(wishes.exclude);
    const [most, setMost] = useState(wishes.max_exercises);
    const [keep, setKeep] = useState(true);
    const wrong = Object.entries(errors).find(([key]) => key.startsWith("wishes."))?.[1];
    const left = wishes.offers.exclude.filter(([code]) => !codes(exclude).includes(code));
    return (
        <form
            noValidate
            aria-label="What the draft goes by"
            className="bg-card border-sand mb-2 rounded-lg border p-3"
            onSubmit={(event) => {
                event.preventDefault();
                onDraft({ goals, pin: codes(pin), exclude: codes(exclude), max_exercises: most }, keep);
            }}
        >
            <div className="grid gap-x-6 gap-y-3 lg:grid-cols-3">
                <div>
                    <h3 className="font-bold">What they want to do again</h3>
                    {wishes.from_words !== null && (
                        <p className="text-soft text-sm">
                            {wishes.from_words === ""
                                ? "Screen says nothing of it yet."
                                : `Read from “${wishes.from_words}”. Put it right here.`}
                        </p>
                    )}
                    <Ranked
                        what="goal"
                        value={goals.map((g): Option => [g, wishes.offers.goals.find(([c]) => c === g)?.[1] ?? g])}
                        onChange={(ranked) => setGoals(codes(ranked))}
                    />
                    <SelectField
                        label="Add a goal"
                        value=""
                        options={[CHOOSE, ...wishes.offers.goals.filter(([code]) => !goals.includes(code))]}
                        onChange={(code) => code !== "" && setGoals([...goals, code])}
                    />
                </div>
                <div>
                    <h3 className="font-bold">Has to be in</h3>
                    {wishes.templates.length > 0 && (
                        <SelectField
                            label="Start from a template"
                            value=""
                            options={[CHOOSE, ...wishes.templates.map((t): Option => [String(t.id), t.name])]}
                            onChange={(id) => setPin(wishes.templates.find((t) => String(t.id) === id)?.pin ?? pin)}
                        />
                    )}
                    <Ranked what="exercise" value={pin} onChange={setPin} />
                    <OneMore clientId={clientId} says="has to be in" value={pin} onChange={setPin} />
                    <Field
                        label="Exercises at most"
                        hint="warm-up counted, cool-down not; empty: as many as the minutes allow"
                        className="mt-2 w-56"
                        error={errors["wishes.max_exercises"]}
                    >
                        <input
                            className={inputClass}
                            inputMode="numeric"
                            value={most}
                            onChange={(e) => setMost(e.target.value)}
                        />
                    </Field>
                </div>
                <div>
                    <h3 className="font-bold">Not wanted</h3>
                    <Ranked what="wish" value={exclude} onChange={setExclude} />
                    <OneMore clientId={clientId} says="is not wanted" value={exclude} onChange={setExclude} />
                    <SelectField
                        label="Or a position, or a kind of exercise"
                        value=""
                        options={[CHOOSE, ...left]}
                        onChange={(code) => setExclude([...exclude, ...left.filter(([c]) => c === code)])}
                    />
                </div>
            </div>
            {!isFirst && (
                <div className="border-sand mt-3 border-t pt-2 text-sm">
                    {wishes.done.length > 0 ? (
                        <label className="flex min-h-6 items-start gap-2">
                            <input
                                type="checkbox"
                                className="accent-water mt-0.5 size-4.5"
                                checked={keep}
                                onChange={(e) => setKeep(e.target.checked)}
                            />
                            <span>
                                Keep what has been done, with its rung and dose where they still fit:{" "}
                                {wishes.done.join(", ")}.
                            </span>
                        </label>
                    ) : (
                        <p>Nothing of this plan has been logged yet: all of it is chosen anew.</p>
                    )}
                    <p className="text-soft">
                        What you changed by hand in this plan makes room. It can be taken back afterwards.
                    </p>
                </div>
            )}
            <FieldError error={wrong === errors["wishes.max_exercises"] ? undefined : wrong} />
            <div className="mt-3 flex gap-2">
                <Button data-next type="submit" tone="main" disabled={busy}>
                    {isFirst ? "Draft a plan" : "Draft it anew"}
                </Button>
                {onClose && (
                    <Button disabled={busy} onClick={onClose}>
                        Leave it as it is
                    </Button>
                )}
            </div>
        </form>
    );
}

/** An exercise more, found by what people call it. */
function OneMore({
    clientId,
    says,
    value,
    onChange,
}: {
    clientId: number;
    says: string;
    value: Option[];
    onChange: (value: Option[]) => void;
}) {
    return (
        <div className="mt-1">
            <FamilyCombobox
                clientId={clientId}
                label={`An exercise that ${says}`}
                placeholder="A name, a muscle, a machine"
                used={codes(value)}
                usedSays={says}
                value={null}
                onChange={(f) => f && !codes(value).includes(f.code) && onChange([...value, [f.code, f.name]])}
            />
        </div>
    );
}
