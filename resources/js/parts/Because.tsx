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
                        className={`border-water bg-card absolute top-full z-30 mt-1.5 w-[25rem] max-w-[85vw] rounded-lg border p-3 shadow-lg ${side === "left" ? "left-0" : "right-0"}`}
                    >
                        <h3 className="mb-2 font-bold">Because</h3>
                        <Chain reasons={reasons} />
                        {extra}
                    </DisclosurePanel>
                </div>
            )}
        </Disclosure>
    );
}
