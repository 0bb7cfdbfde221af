import { PROBLEMS, UNKNOWN } from "@/lib/trouble";
import Shell from "@/parts/Shell";
import type { ProblemProps } from "@/types/props";
import { Link } from "@inertiajs/react";

export default function Problem({ status }: ProblemProps) {
    const [title, says] = PROBLEMS[status] ?? UNKNOWN;
    return (
        <Shell title={title}>
            <main id="work" className="mx-auto mt-16 max-w-md px-4">
                <h1 className="text-2xl font-bold">{title}</h1>
                <p className="mt-2">{says}</p>
                <Link href="/" className="text-water mt-4 inline-block underline">
                    To Today
                </Link>
            </main>
        </Shell>
    );
}
