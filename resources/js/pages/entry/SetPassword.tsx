import Button from "@/parts/Button";
import EntryPage from "@/parts/EntryPage";
import { FieldError } from "@/parts/Field";
import NewPassword from "@/parts/NewPassword";
import type { SetPasswordProps } from "@/types/props";
import { useForm } from "@inertiajs/react";

/** At the end of a link: the first password of a new person, or one in place of a forgotten one. */
export default function SetPassword({ token, email, path, first, least_length }: SetPasswordProps) {
    const form = useForm({ token, email, password: "", password_confirmation: "" });
    const title = first ? "Welcome: choose a password" : "Choose a new password";
    return (
        <EntryPage title={title} says={`For ${email || "your account"}. This link works once.`}>
            <form
                noValidate
                className="mt-5 space-y-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post(path);
                }}
            >
                <NewPassword
                    values={form.data}
                    errors={form.errors}
                    least={least_length}
                    onChange={(key, value) => form.setData(key, value)}
                />
                <FieldError error={form.errors.email ?? form.errors.token} />
                <Button tone="main" type="submit" disabled={form.processing}>
                    Set the password
                </Button>
            </form>
        </EntryPage>
    );
}
