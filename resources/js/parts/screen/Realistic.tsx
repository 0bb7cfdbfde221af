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
                <div className="mt-1 flex gap-1">
                    {[1, 2, 3, 4, 5, 6, 7].map((day) => (
                        <label
                            key={day}
                            className="border-soft/60 bg-card has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-water cursor-pointer rounded-md border px-2.5 py-1.5 text-sm has-focus-visible:outline-3 has-focus-visible:outline-offset-2"
                        >
                            <input
                                type="checkbox"
                                className="sr-only"
                                checked={form.data.days.includes(day)}
                                onChange={(e) =>
                                    form.setData(
                                        "days",
                                        e.target.checked
                                            ? [...form.data.days, day].sort()
                                            : form.data.days.filter((d) => d !== day),
                                    )
                                }
                            />
                            {dayName(day)}
                        </label>
                    ))}
                </div>
                <FieldError error={errors.days} />
                <FromCalendar minutes={form.data.minutes} onDays={(days) => form.setData("days", days)} />
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
        </Group>
    );
}
