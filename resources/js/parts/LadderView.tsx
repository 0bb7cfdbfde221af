import type { KitProps } from "@/types/props";
import { Disclosure, DisclosureButton, DisclosurePanel } from "@headlessui/react";

const SHOWN = 60;

/** The loads of one way of holding: ticks on a line, and the list with its recipes behind a click. */
export default function LadderView({ ladder }: { ladder: KitProps["ladders"][number] }) {
    const top = ladder.loads.at(-1)?.g ?? 1;
    const gaps = ladder.loads.filter((l) => l.too_far).length;
    return (
        <div className="border-sand border-b py-2">
            <Disclosure>
                <DisclosureButton disabled={ladder.loads.length === 0} className="block w-full rounded text-left">
                    <span className="block">
                        <span className="font-medium">{ladder.label}</span>
                        <span className="text-soft num block text-sm">
                            {ladder.loads.length === 0
                                ? "nothing"
                                : ladder.loads.length === 1
                                  ? `1 load, ${ladder.loads[0]?.label ?? ""}`
                                  : `${ladder.loads.length} loads, ${ladder.loads[0]?.label ?? ""} to ${ladder.loads.at(-1)?.label ?? ""}`}
                        </span>
                    </span>
                    {ladder.loads.length > 0 && (
                        <svg viewBox="-3 0 306 16" className="mt-1 block w-full" aria-hidden="true">
                            <line x1="0" x2="300" y1="4" y2="4" className="stroke-deep" strokeWidth="4" />
                            {ladder.loads.map((l) => (
                                <line
                                    key={l.g}
                                    x1={(l.g / top) * 300}
                                    x2={(l.g / top) * 300}
                                    y1="1"
                                    y2={l.too_far ? 15 : 10}
                                    className={l.too_far ? "stroke-hold" : "stroke-ink"}
                                    strokeWidth={l.too_far ? 2.4 : 1.2}
                                />
                            ))}
                        </svg>
                    )}
                    {gaps > 0 && (
                        <span className="text-hold text-xs">
                            {gaps} {gaps === 1 ? "step is" : "steps are"} over {ladder.step_max} % (long marks)
                        </span>
                    )}
                </DisclosureButton>
                <DisclosurePanel>
                    <ol
                        className="mt-1 max-h-72 overflow-auto text-sm"
                        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a list that scrolls must be reachable by keyboard
                        tabIndex={0}
                        aria-label={`Loads ${ladder.label}`}
                    >
                        {ladder.loads.slice(0, SHOWN).map((l) => (
                            <li key={l.g} className="grid grid-cols-[4.5rem_1fr_3.5rem] gap-2 py-0.5">
                                <strong className="num">{l.label}</strong>
                                <span className="text-soft">{l.recipe}</span>
                                <span className={`num text-right ${l.too_far ? "text-hold" : "text-soft"}`}>
                                    {l.step === null ? "" : `+${l.step} %`}
                                </span>
                            </li>
                        ))}
                        {ladder.loads.length > SHOWN && (
                            <li className="text-soft py-1">and {ladder.loads.length - SHOWN} more</li>
                        )}
                    </ol>
                </DisclosurePanel>
            </Disclosure>
        </div>
    );
}
