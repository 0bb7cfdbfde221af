import type { IntakeAtHomeProps } from "@/types/props";
import { Head, useForm } from "@inertiajs/react";

/** The client's own page: one column, very large type, big targets, nothing that must be answered. */
export default function IntakeAtHome({ given_name, done, questions, path }: IntakeAtHomeProps) {
    const form = useForm<{ answers: Record<string, string> }>({ answers: {} });
    const set = (field: string, value: string) =>
        form.setData((data) => ({ answers: { ...data.answers, [field]: value } }));
    const errors = form.errors as Record<string, string | undefined>;
    if (done) {
        return (
            <main className="mx-auto max-w-xl p-5 text-2xl">
                <Head title="Thank you" />
                <h1 className="text-4xl font-bold">Thank you, {given_name}.</h1>
                <p className="mt-4">
                    Your answers have arrived. Your clinician reads them with you at the visit. You can close this page.
                </p>
            </main>
        );
    }
    return (
        <main className="mx-auto max-w-xl p-5 text-2xl">
            <Head title="Before your visit" />
            <h1 className="text-4xl font-bold">Before your visit, {given_name}</h1>
            <p className="mt-3">Answer what you can. What you do not know, leave open. It takes about five minutes.</p>
            <form
                noValidate
                className="mt-6 space-y-8"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post(path);
                }}
            >
                {questions.map((q, i) =>
                    q.options === null ? (
                        <label key={q.field} className="block">
                            <span className="font-bold">
                                {i + 1}. {q.ask}
                            </span>
                            <textarea
                                rows={2}
                                className="border-ink bg-card mt-2 block w-full rounded-xl border-2 p-3"
                                value={form.data.answers[q.field] ?? ""}
                                onChange={(e) => set(q.field, e.target.value)}
                            />
                        </label>
                    ) : (
                        <fieldset key={q.field}>
                            <legend className="font-bold">
                                {i + 1}. {q.ask}
                            </legend>
                            <div className={`mt-2 grid gap-2 ${q.options.length > 6 ? "grid-cols-4" : ""}`}>
                                {q.options.map((o) => (
                                    <label
                                        key={o.code}
                                        className="border-ink bg-card has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-water flex min-h-14 cursor-pointer items-center justify-center rounded-xl border-2 px-4 has-focus-visible:outline-4 has-focus-visible:outline-offset-2"
                                    >
                                        <input
                                            type="radio"
                                            name={q.field}
                                            className="sr-only"
                                            checked={form.data.answers[q.field] === o.code}
                                            onChange={() => set(q.field, o.code)}
                                        />
                                        {o.text}
                                    </label>
                                ))}
                            </div>
                        </fieldset>
                    ),
                )}
                {Object.values(errors).map((e) => (
                    <p key={e} role="alert" className="text-stop font-bold">
                        {e}
                    </p>
                ))}
                <button
                    type="submit"
                    disabled={form.processing}
                    className="bg-ink text-paper min-h-20 w-full rounded-2xl text-3xl font-bold"
                >
                    Send my answers
                </button>
                <p className="text-xl">
                    If you feel unwell now, do not wait for the visit: call your doctor or the emergency number.
                </p>
            </form>
        </main>
    );
}
