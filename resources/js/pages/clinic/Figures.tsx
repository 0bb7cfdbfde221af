import Figure from "@/parts/Figure";
import Shell from "@/parts/Shell";
import type { FiguresProps } from "@/types/props";
import { Link } from "@inertiajs/react";

/** Every figure of a pattern side by side, at the size of the printed sheet: for those who keep the catalogue. */
export default function Figures({ pattern, patterns, families }: FiguresProps) {
    return (
        <Shell title="Figures">
            <main id="work" className="px-5 py-4">
                <h1 className="text-2xl font-bold">Figures</h1>
                <nav aria-label="Patterns" className="my-2 flex flex-wrap gap-x-4 gap-y-1 text-sm">
                    {patterns.map((p) => (
                        <Link
                            key={p.code}
                            href={`/exercises/figures?pattern=${p.code}`}
                            aria-current={p.code === pattern ? "page" : undefined}
                            className={`min-h-6 first-letter:uppercase ${p.code === pattern ? "font-bold" : "text-water underline"}`}
                        >
                            {p.name}
                        </Link>
                    ))}
                </nav>
                {families.map((family) => (
                    <section key={family.code} aria-label={family.name} className="mb-3">
                        <h2 className="font-bold">
                            <Link className="hover:underline" href={`/exercises/${family.code}`}>
                                {family.name}
                            </Link>
                        </h2>
                        <ul className="flex flex-wrap gap-2">
                            {family.rungs.map((rung) => (
                                <li key={rung.code} className="bg-card border-sand w-[60mm] rounded-md border p-1.5">
                                    <Figure data={rung.figure} label={rung.name} className="h-24 w-full" />
                                    <p className="mt-1 text-center text-xs">{rung.name}</p>
                                </li>
                            ))}
                        </ul>
                    </section>
                ))}
            </main>
        </Shell>
    );
}
