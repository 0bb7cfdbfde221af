import { useWords } from "@/home/words";
import Figure from "@/parts/Figure";
import type { FigureData } from "@/types/props";
import { type ReactNode, useContext, useEffect, useRef, useState } from "react";
import { HomeContext } from "@/home/words";

/** A page of its own: its heading takes the focus, so that whoever cannot see hears where they are. */
export function Screen({ title, children, quiet = false }: { title: string; children: ReactNode; quiet?: boolean }) {
    const heading = useRef<HTMLHeadingElement>(null);
    useEffect(() => {
        if (!quiet) {
            heading.current?.focus();
            window.scrollTo(0, 0);
        }
    }, [title, quiet]);
    return (
        <main className="home-page">
            <h1 ref={heading} tabIndex={-1} className="home-title outline-none">
                {title}
            </h1>
            {children}
        </main>
    );
}

export function Main({
    onPress,
    children,
    disabled,
}: {
    onPress: () => void;
    children: ReactNode;
    disabled?: boolean;
}) {
    return (
        <button type="button" className="home-main mt-3 disabled:opacity-50" onClick={onPress} disabled={disabled}>
            {children}
        </button>
    );
}

export function Second({ onPress, children }: { onPress: () => void; children: ReactNode }) {
    return (
        <button type="button" className="home-second mt-3" onClick={onPress}>
            {children}
        </button>
    );
}

/** A number from 0 to 10, one big key each. */
export function Scale({ label, value, onPick }: { label: string; value: number | null; onPick: (n: number) => void }) {
    return (
        <div role="group" aria-label={label} className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(60px,1fr))] gap-2">
            {Array.from({ length: 11 }, (_, n) => (
                <button
                    key={n}
                    type="button"
                    aria-pressed={value === n}
                    className="border-ink bg-card aria-pressed:bg-ink aria-pressed:text-paper min-h-16 rounded-xl border-2 text-2xl font-bold"
                    onClick={() => onPick(n)}
                >
                    {n}
                </button>
            ))}
        </div>
    );
}

/** One of a few answers, each a whole line. */
export function Choose({
    label,
    options,
    value,
    onPick,
}: {
    label: string;
    options: [string, string][];
    value: string | null;
    onPick: (code: string) => void;
}) {
    return (
        <div role="group" aria-label={label} className="mt-3 space-y-2">
            {options.map(([code, says]) => (
                <button
                    key={code}
                    type="button"
                    aria-pressed={value === code}
                    className="home-second aria-pressed:bg-ink aria-pressed:text-paper"
                    onClick={() => onPick(code)}
                >
                    {says}
                </button>
            ))}
        </div>
    );
}

/** One press dials: the emergency number, or the clinic. */
export function Call({ urgent }: { urgent: boolean }) {
    const t = useWords();
    const { clinic } = useContext(HomeContext);
    const emergency = urgent && clinic.emergency !== null;
    const number = emergency ? clinic.emergency : clinic.phone;
    const other = emergency ? clinic.phone : null;
    if (number === null) {
        return <p className="home-alert">{urgent ? t("call_emergency") : t("call_clinic")}</p>;
    }
    const link = (n: string, says: string, tone: string) => (
        <a className={`${tone} mt-3`} href={`tel:${n.replaceAll(" ", "")}`}>
            {says}: {n}
        </a>
    );
    return (
        <>
            {link(number, emergency ? t("call_emergency") : t("call_clinic"), "home-main")}
            {other !== null && link(other, t("call_clinic"), "home-second")}
        </>
    );
}

const still = (): boolean => window.matchMedia("(prefers-reduced-motion: reduce)").matches;

/** The figure going from its start to its end and back; both side by side where motion is not wished. */
export function Moving({ data, label, end }: { data: FigureData; label: string; end?: boolean }) {
    const { prefs } = useContext(HomeContext);
    const [second, setSecond] = useState(false);
    const stands = prefs.still || still() || data.frames.length < 2;
    useEffect(() => {
        if (stands || end !== undefined) {
            return undefined;
        }
        const timer = setInterval(() => setSecond((was) => !was), 1800);
        return () => clearInterval(timer);
    }, [stands, end]);
    if (stands) {
        return <Figure data={data} label={label} className="mx-auto my-2 h-40 max-w-full" />;
    }
    const shown = (end ?? second) ? 1 : 0;
    return (
        <Figure
            data={{
                ...data,
                frames: [data.frames[shown] ?? []],
                arrow: shown === 0 ? data.arrow : null,
                mark: shown === 1 ? data.mark : null,
            }}
            label={label}
            className="mx-auto my-2 h-40 max-w-full"
        />
    );
}

const minutes = (seconds: number): string =>
    seconds < 60 ? String(seconds) : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;

/**
 * What a clock shows, and what is said of it to whoever does not see it: in the last minute every five seconds, before
 * that every thirty; never every one.
 */
export function Clock({ seconds, label }: { seconds: number; label: string }) {
    const every = seconds > 60 ? 30 : 5;
    const said = Math.ceil(seconds / every) * every;
    return (
        <>
            <p role="timer" aria-label={label} aria-live="off" className="text-center text-7xl font-bold tabular-nums">
                {minutes(seconds)}
                {seconds < 60 && <span className="text-3xl"> s</span>}
            </p>
            <p aria-live="polite" className="sr-only">
                {said > 0 ? minutes(said) : ""}
            </p>
        </>
    );
}

export function Lines({ of }: { of: string[] }) {
    return (
        <ul className="list-disc space-y-1 pl-6">
            {of.map((line) => (
                <li key={line}>{line}</li>
            ))}
        </ul>
    );
}
