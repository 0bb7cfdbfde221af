import { useForm } from "@inertiajs/react";
import { useState } from "react";
import Button from "./Button";
import Field, { inputClass } from "./Field";

/** What the balance tests or a fall ask: does high falls risk belong on the screen? One press, or a reason why not. */
export default function FallsQuestion({ clientId, found }: { clientId: number; found: string[] }) {
    const [no, setNo] = useState(false);
    const form = useForm({ answer: "yes", reason: "" });
    const errors = form.errors as Record<string, string | undefined>;
    if (found.length === 0) {
        return null;
    }
    const answer = (said: "yes" | "no") => {
        form.transform((data) => ({ ...data, answer: said }));
        form.post(`/clients/${clientId}/falls`, { preserveScroll: true });
    };
    return (
        <section
            aria-label="High falls risk"
            className="no-print border-hold bg-card mb-3 rounded-md border-l-4 px-3 py-2"
        >
            <p>
                <span aria-hidden="true">■ </span>
                {found.join(", ")}. Does high falls risk belong on the screen?
            </p>
            <div className="mt-1.5 flex flex-wrap items-start gap-3">
                <Button small disabled={form.processing} onClick={() => answer("yes")}>
                    Add high falls risk
                </Button>
                {no ? (
                    <form
                        noValidate
                        className="flex flex-1 flex-wrap items-start gap-3"
                        onSubmit={(event) => {
                            event.preventDefault();
                            answer("no");
                        }}
                    >
                        <Field label="Why not" error={errors.reason} className="min-w-56 flex-1">
                            <input
                                className={inputClass}
                                value={form.data.reason}
                                onChange={(e) => form.setData("reason", e.target.value)}
                            />
                        </Field>
                        <Button type="submit" small disabled={form.processing} className="mt-6">
                            Leave it out
                        </Button>
                    </form>
                ) : (
                    <Button small disabled={form.processing} onClick={() => setNo(true)}>
                        No, because …
                    </Button>
                )}
            </div>
            {errors.answer && (
                <p role="alert" className="text-stop text-sm">
                    {errors.answer}
                </p>
            )}
        </section>
    );
}
