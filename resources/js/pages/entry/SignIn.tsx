import Button from "@/parts/Button";
import EntryPage, { EmailField } from "@/parts/EntryPage";
import Field, { inputClass } from "@/parts/Field";
import { Link, useForm } from "@inertiajs/react";

export default function SignIn() {
    const form = useForm({ email: "", password: "" });
    return (
        <EntryPage title="Sign in" says="Home resistance exercise, planned safely. For licensed clinicians.">
            <form
                className="mt-5 space-y-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post("/sign-in");
                }}
            >
                <EmailField
                    value={form.data.email}
                    error={form.errors.email}
                    onChange={(email) => form.setData("email", email)}
                />
                <Field label="Password" error={form.errors.password}>
                    <input
                        type="password"
                        autoComplete="current-password"
                        className={inputClass}
                        value={form.data.password}
                        onChange={(e) => form.setData("password", e.target.value)}
                    />
                </Field>
                <Button tone="main" type="submit" disabled={form.processing}>
                    Sign in
                </Button>
            </form>
            <Link href="/forgot-password" className="text-water mt-4 inline-block min-h-6 text-sm underline">
                Forgot the password
            </Link>
        </EntryPage>
    );
}
