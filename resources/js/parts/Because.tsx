import type { Reason } from "@/types/props";
import { Disclosure, DisclosureButton, DisclosurePanel } from "@headlessui/react";
import type { ReactNode } from "react";

const FROM: Record<string, string> = {
    goal: "Goal",
    measure: "Measure",
    limit: "Limit",
    kit: "Kit",
    rule: "Worked out",
    log: "Log",
};

export function Chain({ reasons }: { reasons: Reason[] }) {
    return (
        <ol className="space-y-1.5">
            {reasons.map((reason, i) => (
                <li key={i} className="grid grid-cols-[5.2rem_1fr] gap-x-2 text-sm">
                    <span className="text-water font-medium">{FROM[reason.from] ?? reason.from}</span>
                    <span>
                        {reason.says}
                        {reason.source && <span className="text-soft block text-xs">{reason.source}</span>}
                    </span>
                </li>
            ))}
        </ol>
    );
}

/** A figure that opens the chain behind it: goal, measure, limits, kit. */
export default function Because({
    reasons,
    about,
    children,
    extra,
    side = "right",
}: {
    reasons: Reason[];
    about: string;
    children: ReactNode;
    extra?: ReactNode;
    /** Which edge of the figure the panel keeps to, so that it stays on the page. */
    side?: "left" | "right";
}) {
    return (
        <Disclosure as="div" className="relative inline-block">
            {({ open, close }) => (
                <div
                    role="presentation"
                    // Closed when the focus goes on, and the focus is left where it went: without that it would come back here.
                    onBlur={(event) =>
                        open &&
                        !event.currentTarget.contains(event.relatedTarget) &&
                        close(event.relatedTarget instanceof HTMLElement ? event.relatedTarget : document.body)
                    }
                    onKeyDown={(event) => event.key === "Escape" && close()}
                >
                    <DisclosureButton
                        data-because
                        className="decoration-water cursor-pointer rounded text-left underline decoration-dotted underline-offset-4"
                    >
                        {children}
                        <span className="sr-only"> (why {about})</span>
                    </DisclosureButton>
                    <DisclosurePanel
                        tabIndex={-1}
                        className={`border-water bg-card z-30 overflow-auto rounded-lg border p-3 shadow-lg max-lg:fixed max-lg:inset-x-3 max-lg:bottom-3 max-lg:max-h-[70vh] lg:absolute lg:top-full lg:mt-1.5 lg:w-[25rem] ${side === "left" ? "lg:left-0" : "lg:right-0"}`}
                    >
                        <div className="mb-2 flex items-baseline justify-between gap-3">
                            <h3 className="font-bold">Because</h3>
                            <button
                                type="button"
                                className="text-water min-h-8 px-2 text-sm underline lg:hidden"
                                onClick={() => close()}
                            >
                                Close
                            </button>
                        </div>
                        <Chain reasons={reasons} />
                        {extra}
                    </DisclosurePanel>
                </div>
            )}
        </Disclosure>
    );
}
