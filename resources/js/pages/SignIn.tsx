import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import Shell from "@/parts/Shell";
import { Link, useForm } from "@inertiajs/react";

export default function SignIn() {
    const form = useForm({ email: "", password: "" });
    return (
        <Shell title="Sign in">
            <main id="work" className="mx-auto mt-16 max-w-sm px-4">
                <h1 className="text-2xl font-bold">Sign in</h1>
                <p className="text-soft mt-1">Home resistance exercise, planned safely. For licensed clinicians.</p>
                <form
                    className="mt-5 space-y-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.post("/sign-in");
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
            </main>
        </Shell>
    );
}
