import type { Option } from "@/types/props";

/** A short list in the order that counts: each can go up, and out. */
export default function Ranked({
    what,
    value,
    onChange,
}: {
    /** What one of them is, for who hears the buttons. */
    what: string;
    value: Option[];
    onChange: (value: Option[]) => void;
}) {
    if (value.length === 0) {
        return null;
    }
    return (
        <ol className="mt-1 space-y-1">
            {value.map(([code, label], i) => (
                <li key={code} className="bg-beach flex min-h-8 items-center gap-1 rounded-md pl-2.5 text-sm">
                    <span className="min-w-0 flex-1">{label}</span>
                    {i > 0 && (
                        <button
                            type="button"
                            className="hover:bg-shallow min-h-8 min-w-8 rounded-md"
                            onClick={() =>
                                onChange([
                                    ...value.slice(0, i - 1),
                                    value[i] as Option,
                                    value[i - 1] as Option,
                                    ...value.slice(i + 1),
                                ])
                            }
                        >
                            <span className="sr-only">
                                Up: {what} {label}
                            </span>
                            <span aria-hidden="true">↑</span>
                        </button>
                    )}
                    <button
                        type="button"
                        className="hover:bg-shallow min-h-8 min-w-8 rounded-md"
                        onClick={() => onChange(value.filter(([c]) => c !== code))}
                    >
                        <span className="sr-only">
                            Take out: {what} {label}
                        </span>
                        <span aria-hidden="true">×</span>
                    </button>
                </li>
            ))}
        </ol>
    );
}
