import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import NewPassword from "@/parts/NewPassword";
import Shell from "@/parts/Shell";
import type { AccountProps } from "@/types/props";
import { router, useForm } from "@inertiajs/react";

/** What a person sets for themselves. */
export default function Account({ email, letter_keys, least_length }: AccountProps) {
    const form = useForm({ current_password: "", password: "", password_confirmation: "" });
    return (
        <Shell title="Account">
            <main id="work" className="mx-auto max-w-md px-5 pt-5 pb-10">
                <h1 className="text-2xl font-bold">Account</h1>
                <p className="text-soft">{email}</p>
                <form
                    noValidate
                    className="mt-5 space-y-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.put("/account/password", { onSuccess: () => form.reset() });
                    }}
                >
                    <h2 className="text-lg font-bold">Password</h2>
                    <Field label="Password now" error={form.errors.current_password}>
                        <input
                            type="password"
                            autoComplete="current-password"
                            className={inputClass}
                            value={form.data.current_password}
                            onChange={(e) => form.setData("current_password", e.target.value)}
                        />
                    </Field>
                    <NewPassword
                        values={form.data}
                        errors={form.errors}
                        least={least_length}
                        onChange={(key, value) => form.setData(key, value)}
                    />
                    <p className="text-soft text-sm">Everywhere else you are signed in, that ends.</p>
                    <Button tone="main" type="submit" disabled={form.processing}>
                        Change the password
                    </Button>
                </form>
                <section className="mt-8">
                    <h2 className="text-lg font-bold">Keys</h2>
                    <label className="mt-1 flex min-h-8 items-center gap-2">
                        <input
                            type="checkbox"
                            className="accent-water size-5"
                            checked={letter_keys}
                            onChange={(e) => router.put("/account/keys", { letter_keys: e.target.checked })}
                        />
                        Single letters and signs are commands
                    </label>
                    <p className="text-soft text-sm">
                        Switch them off when you speak to the computer, or when a letter does something you did not
                        want. Everything can be done without them.
                    </p>
                </section>
            </main>
        </Shell>
    );
}
