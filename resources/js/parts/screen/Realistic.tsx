import { dayName } from "@/lib/words";
import { useScreenOptions } from "@/lib/options";
import Choice from "@/parts/Choice";
import Field, { FieldError } from "@/parts/Field";
import Group from "@/parts/Group";
import { fieldsOf, type Intake } from "./fields";
import FromCalendar from "./FromCalendar";

/** Days, minutes, aim, and what they want to do again. */
export default function Realistic({ form }: { form: Intake }) {
    const { errors, text, choice } = fieldsOf(form);
    const offers = useScreenOptions();
    return (
        <Group title="What is realistic">
            <fieldset className="col-span-2">
                <legend className="text-sm font-medium">Days</legend>
                <Week days={form.data.days} onDays={(days) => form.setData("days", days)} />
                <FieldError error={errors.days} />
                <FromCalendar
                    minutes={form.data.minutes}
                    onDays={(days) =>
                        form.setData(
                            "days",
                            days.filter((d) => !form.data.treatment_days.includes(d)),
                        )
                    }
                />
            </fieldset>
            <Field label="Minutes a session" error={errors.minutes}>
                <input {...text("minutes")} inputMode="numeric" />
            </Field>
            <Choice label="Aim" options={offers.aim} {...choice("aim")} />
            <Choice
                label="Structure"
                options={offers.structure}
                {...choice("structure")}
                hint="in a circuit one region rests while another works"
            />
            <Field label="What they want to do again" error={errors.wants}>
                <input {...text("wants")} placeholder="carry the shopping in" />
            </Field>
            <details
                className="col-span-full"
                open={form.data.treatment_days.length > 0 || form.data.best_time !== "" ? true : undefined}
            >
                <summary className="min-h-6 w-fit cursor-pointer text-sm underline decoration-dotted underline-offset-4">
                    Treatment days and the best time of the day
                </summary>
                <div className="mt-2 flex flex-wrap gap-x-6 gap-y-2">
                    <fieldset>
                        <legend className="text-sm font-medium">Days of dialysis, infusions and the like</legend>
                        <Week days={form.data.treatment_days} onDays={(days) => form.setData("treatment_days", days)} />
                        <FieldError error={errors.treatment_days} />
                    </fieldset>
                    <Field
                        label="Best time of the day"
                        className="min-w-72 flex-1"
                        error={errors.best_time}
                        hint="printed on the sheet"
                    >
                        <input {...text("best_time")} placeholder="one hour after the morning tablet" />
                    </Field>
                </div>
            </details>
        </Group>
    );
}

/** The seven days, each on or off. */
function Week({ days, onDays }: { days: number[]; onDays: (days: number[]) => void }) {
    return (
        <div className="mt-1 flex gap-1">
            {[1, 2, 3, 4, 5, 6, 7].map((day) => (
                <label
                    key={day}
                    className="border-soft/60 bg-card has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-water cursor-pointer rounded-md border px-2.5 py-1.5 text-sm has-focus-visible:outline-3 has-focus-visible:outline-offset-2"
                >
                    <input
                        type="checkbox"
                        className="sr-only"
                        checked={days.includes(day)}
                        onChange={(e) =>
                            onDays(e.target.checked ? [...days, day].sort() : days.filter((d) => d !== day))
                        }
                    />
                    {dayName(day)}
                </label>
            ))}
        </div>
    );
}
