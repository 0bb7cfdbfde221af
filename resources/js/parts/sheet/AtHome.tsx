import { sayDate } from "@/lib/words";
import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import type { HomePage } from "@/types/props";
import { router } from "@inertiajs/react";
import { useState } from "react";
import { encode } from "uqr";

/** The address as a square code: dark squares on white, also where the page is dark. */
export function SquareCode({ of, label }: { of: string; label: string }) {
    const { data, size } = encode(of, { ecc: "M", border: 2 });
    const path = data.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : []))).join("");
    return (
        <svg
            viewBox={`0 0 ${size} ${size}`}
            role="img"
            aria-label={label}
            className="size-36 shrink-0"
            shapeRendering="crispEdges"
        >
            <rect width={size} height={size} fill="#ffffff" />
            <path d={path} fill="#000000" />
        </svg>
    );
}

/** On the paper: where the page is, and how it opens. The year of birth stands nowhere. */
export function HomeOnPaper({ home }: { home: HomePage }) {
    return (
        <section aria-label={home.title} className="border-ink flex items-center gap-4 border-t-2 pt-3">
            <SquareCode of={home.address} label={home.title} />
            <div>
                <h3 className="text-xl font-bold">{home.title}</h3>
                <p>{home.says}</p>
                <p className="text-base break-all">{home.address}</p>
            </div>
        </section>
    );
}

/** Beside the paper, on screen only: opened, closed, unlocked, and one line for the client. */
export default function AtHome({
    clientId,
    home,
    issued,
}: {
    clientId: number;
    home: HomePage | null;
    issued: boolean;
}) {
    const at = `/clients/${clientId}/home`;
    const [line, setLine] = useState(home?.line ?? "");
    const [sure, setSure] = useState<"" | "new" | "close">("");
    const options = { preserveScroll: true };
    if (home === null) {
        return (
            <div className="no-print border-sand mt-4 border-t pt-3">
                <h3 className="font-bold">Page at home</h3>
                <p className="text-soft mb-2 text-sm">
                    The client opens it on a phone with an address and a PIN: the check before each session, the way
                    through it, and what was done comes back here to be looked at.
                </p>
                <Button onClick={() => router.post(at, {}, options)} disabled={!issued}>
                    Open a page at home
                </Button>
                {!issued && <p className="text-soft text-sm">Issue the plan first.</p>}
            </div>
        );
    }
    return (
        <div className="no-print border-sand mt-4 border-t pt-3">
            <h3 className="font-bold">Page at home</h3>
            {home.locked && (
                <p role="alert" className="text-stop font-bold">
                    <span aria-hidden="true">◆ </span>Locked: the PIN was wrong too often.
                </p>
            )}
            <p className="text-sm">
                {home.phones === 0
                    ? "Not opened yet."
                    : `Opened on ${home.phones === 1 ? "1 phone" : `${home.phones} phones`}, last on ${sayDate(home.seen ?? "")}.`}{" "}
                {home.expires !== null && `It closes on ${sayDate(home.expires)}.`}{" "}
                {home.own_pin
                    ? "The client chose a PIN."
                    : `Letters of the PIN: ${home.letters}, after the year of birth.`}
            </p>
            <div className="mt-2 flex flex-wrap items-end gap-2">
                <Field label="A line for the client" className="min-w-72 flex-1">
                    <input
                        className={inputClass}
                        maxLength={200}
                        value={line}
                        onChange={(e) => setLine(e.target.value)}
                    />
                </Field>
                <Button onClick={() => router.put(`${at}/line`, { line }, options)}>Put it on the page</Button>
            </div>
            <div className="mt-2 flex flex-wrap gap-2">
                {home.locked && <Button onClick={() => router.post(`${at}/unlock`, {}, options)}>Unlock</Button>}
                <Button onClick={() => (sure === "new" ? router.post(at, {}, options) : setSure("new"))}>
                    {sure === "new" ? "Yes, close the old one on every phone" : "New address and letters"}
                </Button>
                <Button onClick={() => (sure === "close" ? router.delete(at, options) : setSure("close"))}>
                    {sure === "close" ? "Yes, close it on every phone" : "Close the page"}
                </Button>
            </div>
        </div>
    );
}
