import type { StairStep } from "@/types/props";

const SHORT = 90;

function short(text: string): string {
    return text.length > SHORT ? `${text.slice(0, SHORT)}…` : text;
}

/**
 * A family as a rising stair. Above the waterline: can be used, as it is or with the changes named. Under it: held there by
 * the limit or the missing thing that the step names. The riser says what the step changes; the buoy marks where the
 * measures say to begin.
 */
export default function Steps({
    steps,
    current,
    onChoose,
    disabled = false,
}: {
    steps: StairStep[];
    current: string | null;
    onChoose?: (code: string) => void;
    disabled?: boolean;
}) {
    return (
        <ol className="flex items-end gap-1" aria-label="Rungs, easiest first">
            {steps.map((step, i) => {
                const here = step.code === current;
                const under = step.state === "under";
                const note = step.says || (here ? "" : (step.not_yet ?? ""));
                return (
                    <li key={step.code} className="min-w-0 flex-1" style={{ paddingBottom: under ? 0 : i * 7 }}>
                        <button
                            type="button"
                            disabled={disabled || here || under || !onChoose}
                            aria-current={here ? "step" : undefined}
                            onClick={() => onChoose?.(step.code)}
                            title={`${step.name}. ${step.step}${note ? ` ${note}` : ""}${step.notes.length > 0 ? ` ${step.notes.join(" ")}` : ""}`}
                            className={`flex h-full min-h-16 w-full flex-col justify-start rounded-t-md border-t-4 px-2 pt-1 pb-1.5 text-left text-xs ${
                                here
                                    ? "border-ink bg-shallow font-medium"
                                    : under
                                      ? "border-soft/50 bg-deep/30 text-soft border-dashed"
                                      : step.state === "changes"
                                        ? "border-hold bg-beach hover:bg-shallow"
                                        : "border-water bg-beach hover:bg-shallow"
                            }`}
                        >
                            {step.axes && <span className="text-soft mb-0.5 block italic">↑ {step.axes}</span>}
                            <span className="block">
                                <span aria-hidden="true">
                                    {here ? "● " : under ? "≈ " : step.state === "changes" ? "± " : ""}
                                </span>
                                {step.step}
                            </span>
                            <span className="sr-only">
                                {here
                                    ? "Current rung. "
                                    : under
                                      ? "Under water. "
                                      : step.state === "changes"
                                        ? "Open with changes. "
                                        : "Open. "}
                                {step.name}.
                            </span>
                            {step.seed && (
                                <span className="text-water mt-0.5 block font-medium">◇ the measures begin here</span>
                            )}
                            {note && <span className="text-soft mt-0.5 block">{short(note)}</span>}
                        </button>
                    </li>
                );
            })}
        </ol>
    );
}
