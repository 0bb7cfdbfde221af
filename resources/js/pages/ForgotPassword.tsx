import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import Shell from "@/parts/Shell";
import { Link, useForm } from "@inertiajs/react";

export default function ForgotPassword() {
    const form = useForm({ email: "" });
    return (
        <Shell title="Forgotten password">
            <main id="work" className="mx-auto mt-16 max-w-sm px-4">
                <h1 className="text-2xl font-bold">Forgotten password</h1>
                <p className="text-soft mt-1">
                    A link to set a new one is sent to your address. It works for one hour.
                </p>
                <form
                    noValidate
                    className="mt-5 space-y-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.post("/forgot-password");
                    }}
                >
                    <Field label="Email" error={form.errors.email}>
                        <input
                            type="email"
                            autoComplete="username"
                            className={inputClass}
                            value={form.data.email}
                            onChange={(e) => form.setData("email", e.target.value)}
                        />
                    </Field>
                    <Button tone="main" type="submit" disabled={form.processing}>
                        Send the link
                    </Button>
                </form>
                {form.wasSuccessful && (
                    <p role="status" className="mt-4">
                        If this address is known here, a link is on its way. Look in your mail.
                    </p>
                )}
                <Link href="/sign-in" className="text-water mt-4 inline-block min-h-6 text-sm underline">
                    Back to sign-in
                </Link>
            </main>
        </Shell>
    );
}
