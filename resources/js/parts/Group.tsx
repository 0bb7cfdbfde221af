import type { ReactNode } from "react";

/** A titled block of two columns in a form. */
export default function Group({ title, children }: { title: string; children: ReactNode }) {
    return (
        <section>
            <h2 className="mb-2 text-lg font-bold">{title}</h2>
            <div className="grid grid-cols-2 items-start gap-x-4 gap-y-3">{children}</div>
        </section>
    );
}
