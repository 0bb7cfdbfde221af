import Field, { inputClass } from "./Field";
import Shell from "./Shell";
import type { ReactNode } from "react";

/** A page before anybody is signed in: one narrow column with a title and a word about it. */
export default function EntryPage({ title, says, children }: { title: string; says: string; children: ReactNode }) {
    return (
        <Shell title={title}>
            <main id="work" className="mx-auto mt-16 max-w-sm px-4">
                <h1 className="text-2xl font-bold">{title}</h1>
                <p className="text-soft mt-1">{says}</p>
                {children}
            </main>
        </Shell>
    );
}

/** Who somebody is: the address that they sign in with. */
export function EmailField({
    value,
    error,
    onChange,
}: {
    value: string;
    error: string | undefined;
    onChange: (email: string) => void;
}) {
    return (
        <Field label="Email" error={error}>
            <input
                type="email"
                autoComplete="username"
                className={inputClass}
                value={value}
                onChange={(e) => onChange(e.target.value)}
            />
        </Field>
    );
}
