import Button from "@/parts/Button";
import EntryPage, { EmailField } from "@/parts/EntryPage";
import { Link, useForm } from "@inertiajs/react";

export default function ForgotPassword() {
    const form = useForm({ email: "" });
    return (
        <EntryPage
            title="Forgotten password"
            says="A link to set a new one is sent to your address. It works for one hour."
        >
            <form
                noValidate
                className="mt-5 space-y-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post("/forgot-password");
                }}
            >
                <EmailField
                    value={form.data.email}
                    error={form.errors.email}
                    onChange={(email) => form.setData("email", email)}
                />
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
        </EntryPage>
    );
}
