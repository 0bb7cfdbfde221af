import type { Shared } from "@/types/props";
import { forgetKept } from "@/lib/kept";
import { focusOn, useKeys } from "@/lib/keys";
import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { Head, Link, router, usePage } from "@inertiajs/react";
import { useState, type ReactNode } from "react";
import Button from "./Button";
import Finder from "./Finder";
import Trouble from "./Trouble";

const KEYS: [string, string][] = [
    ["?", "show these keys"],
    ["Ctrl K", "find a client or a command"],
    ["j  k", "next, previous line"],
    ["Enter", "open the line"],
    ["Esc", "out of a box that is typed into, so that letters are keys again"],
    ["w  s", "to what comes next on the page, to its Save; Enter then does it"],
    ["↓  ↑", "on Measure, from one result to the next"],
    ["a  e  r", "accept, edit, refuse the proposal that j or k has chosen"],
    ["A", "on Review, accept all that step up"],
    ["a  z  y", "on Today, accept what the line offers, put it off, show the week"],
    ["n", "on a client's page, to the next one on Today; on Today, add a client"],
    ["x", "on Log, the next set as planned"],
    [
        "g then a letter",
        "go to a stage: s Screen, m Measure, l Limits, k Kit, p Plan, h Sheet, c Gate (check), o Log, v Review, d Letters, i Messages, t Today",
    ],
];

export default function Shell({ title, children }: { title: string; children: ReactNode }) {
    const { me, said } = usePage().props as unknown as Shared;
    const [help, setHelp] = useState(false);
    useKeys({ "?": () => setHelp(true), w: () => focusOn("next"), s: () => focusOn("save") });
    return (
        <>
            <Head title={title} />
            <a
                href="#work"
                className="bg-ink text-paper no-print sr-only rounded p-2 focus:not-sr-only focus:absolute focus:z-50"
            >
                Skip to the work area
            </a>
            <header className="border-sand no-print flex min-h-13 flex-wrap items-center gap-x-5 gap-y-1 border-b px-5">
                <Link href="/" className="flex items-center gap-2 text-lg font-bold">
                    <img src="/mark.svg" alt="" className="size-6 dark:invert" /> Buoyant Step
                </Link>
                {me && <Finder />}
                {me && (
                    <nav aria-label="Main" className="flex gap-4 text-sm">
                        <Link href="/" className="hover:text-water min-h-6">
                            Today
                        </Link>
                        <Link href="/clients/new" className="hover:text-water min-h-6">
                            Add client
                        </Link>
                        <Link href="/exercises" className="hover:text-water min-h-6">
                            Exercises
                        </Link>
                        <Link href="/rulebook" className="hover:text-water min-h-6">
                            Rulebook
                        </Link>
                    </nav>
                )}
                <p role="status" aria-live="polite" className="text-water ml-auto text-sm font-medium">
                    {said}
                </p>
                {me && (
                    <div className="text-soft flex items-center gap-3 text-sm">
                        <Link href="/account" className="hover:text-water min-h-6">
                            {me.clinic} · {me.name}
                            <span className="sr-only">: account</span>
                        </Link>
                        <Button
                            tone="quiet"
                            small
                            onClick={() => {
                                forgetKept(me.id);
                                router.post("/sign-out");
                            }}
                        >
                            Sign out
                        </Button>
                        <Button small aria-label="Show the keys" onClick={() => setHelp(true)}>
                            ?
                        </Button>
                    </div>
                )}
            </header>
            {children}
            <Trouble />
            <Dialog open={help} onClose={setHelp} className="relative z-50">
                <div className="fixed inset-0 grid place-items-center bg-black/40 p-4">
                    <DialogPanel className="bg-card w-full max-w-md rounded-lg p-5">
                        <DialogTitle className="mb-3 text-lg font-bold">Keys</DialogTitle>
                        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5 text-sm">
                            {KEYS.map(([key, does]) => (
                                <div key={key} className="contents">
                                    <dt>
                                        <kbd className="bg-beach rounded px-1.5">{key}</kbd>
                                    </dt>
                                    <dd>{does}</dd>
                                </div>
                            ))}
                        </dl>
                        {me && (
                            <label className="mt-4 flex min-h-8 items-center gap-2 text-sm">
                                <input
                                    type="checkbox"
                                    className="accent-water size-5"
                                    checked={me.letter_keys}
                                    onChange={(e) =>
                                        router.put(
                                            "/account/keys",
                                            { letter_keys: e.target.checked },
                                            { preserveScroll: true, preserveState: true },
                                        )
                                    }
                                />
                                Single letters and signs are commands
                            </label>
                        )}
                        <Button className="mt-3" onClick={() => setHelp(false)}>
                            Close
                        </Button>
                    </DialogPanel>
                </div>
            </Dialog>
        </>
    );
}
