import { Clock, Moving, Screen } from "@/home/parts";
import { amountSays, Progress } from "@/home/screens/Ready";
import type { Here } from "@/home/screens/Play";
import { useVoice, useWords } from "@/home/words";
import { pace, useElapsed } from "@/lib/clock";
import { type ReactNode, useEffect, useRef, useState } from "react";

const COUNT_IN = 3;

/** A set while it is done: a count-in, then a pacer, a clock, or a big key for what counts itself. */
export default function Work({
    here,
    onDone,
    menu,
}: {
    here: Here;
    onDone: (amount: number) => void;
    menu: ReactNode;
}) {
    const t = useWords();
    const voice = useVoice();
    const { step, item, easier } = here;
    const [started] = useState(() => performance.now());
    const elapsed = useElapsed(started);
    const counted = elapsed - COUNT_IN;
    const kind = step.kind === "march" ? "seconds" : (easier?.kind ?? item?.kind ?? "seconds");
    const beat = step.kind === "march" ? [] : (easier?.beat ?? item?.beat ?? []);
    const timed = kind === "seconds" || kind === "hold";
    const hi = here.amount.hi;
    const at = pace(beat, Math.max(0, counted));
    const seconds = Math.max(0, Math.floor(counted));
    const reached = timed ? Math.min(hi, seconds) : beat.length > 0 ? Math.min(hi, at.reps) : hi;
    const over = counted > 0 && (timed ? counted >= hi : beat.length > 0 && at.reps >= hi);
    const name = step.kind === "march" ? t("play.march") : (easier?.name ?? item?.name ?? "");
    const done = useRef(false);
    const finish = (amount: number) => {
        if (!done.current) {
            done.current = true;
            onDone(amount);
        }
    };
    const saidAt = useRef(-1);
    useEffect(() => {
        if (over) {
            finish(hi);
            return;
        }
        // Each second of the count-in, each rep and each ten seconds has a tone or a word.
        const mark = counted < 0 ? -Math.ceil(-counted) - 1 : timed ? Math.floor(counted / 10) : at.reps;
        if (mark !== saidAt.current) {
            saidAt.current = mark;
            if (counted < 0) {
                voice.read(t(["voice.one", "voice.two", "voice.three"][Math.ceil(-counted) - 1] ?? "voice.go"));
                voice.high();
            } else if (timed) {
                voice.read(mark === 0 ? t("voice.go") : t("voice.seconds_left", { n: hi - mark * 10 }));
            } else if (beat.length > 0) {
                voice.high();
                voice.read(at.reps === hi - 1 ? t("voice.last") : String(at.reps + 1));
            }
        }
    });
    return (
        <Screen title={name}>
            <Progress here={here} />
            {item !== null && (
                <Moving
                    data={easier?.figure ?? item.figure}
                    label={name}
                    end={beat.length > 1 ? at.says !== beat[0]?.says : undefined}
                />
            )}
            {counted < 0 ? (
                <Clock seconds={Math.ceil(-counted)} label={t("play.ready")} />
            ) : timed ? (
                <Clock seconds={Math.max(0, hi - seconds)} label={name} />
            ) : beat.length > 0 ? (
                <>
                    <p role="timer" aria-live="off" className="text-center text-7xl font-bold tabular-nums">
                        {at.reps + 1}
                        <span className="text-3xl"> {t("play.of", { n: "", of: hi }).trim()}</span>
                    </p>
                    <Wave share={shareOf(beat, counted)} />
                    <p className="text-center text-2xl" aria-hidden="true">
                        {at.says} {at.left}
                    </p>
                    <p aria-live="polite" className="sr-only">
                        {at.reps > 0 && at.reps % 5 === 0 ? at.reps : ""}
                    </p>
                </>
            ) : (
                <p className="text-center text-5xl font-bold">{amountSays(here, t)}</p>
            )}
            <button type="button" className="home-main mt-3" onClick={() => finish(counted < 0 ? 0 : reached)}>
                {timed ? t("play.finished") : t("play.done_now")}
            </button>
            {menu}
        </Screen>
    );
}

/** Where in its rep the pacer stands, 0 to 1. */
const shareOf = (beat: { seconds: number }[], elapsed: number): number => {
    const whole = beat.reduce((sum, part) => sum + part.seconds, 0);
    return whole === 0 ? 0 : (elapsed % whole) / whole;
};

/** The rep as a wave that a float follows: the same waterline as the clinician's. */
function Wave({ share }: { share: number }) {
    const x = 10 + share * 280;
    const y = 30 + 18 * -Math.cos(share * 2 * Math.PI);
    const points = Array.from({ length: 41 }, (_, i) => {
        const s = i / 40;
        return `${10 + s * 280},${30 + 18 * -Math.cos(s * 2 * Math.PI)}`;
    }).join(" ");
    return (
        <svg viewBox="0 0 300 62" className="mx-auto h-16 w-full" aria-hidden="true">
            <polyline points={points} fill="none" className="stroke-water" strokeWidth={8} strokeLinecap="round" />
            <circle cx={x} cy={y} r={12} className="fill-ink" />
        </svg>
    );
}
