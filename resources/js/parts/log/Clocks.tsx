import { pace, phasesOf, useElapsed } from "@/lib/clock";
import Button from "@/parts/Button";
import { useState } from "react";

/** Seconds to get into position before a clock counts. */
const COUNT_IN = 3;

type Running = "watch" | "pace" | "rest" | null;

/** Clocks to work with while watching the client: one big button, and the result goes into the next empty set. */
export default function Clocks({
    name,
    tempo,
    restS,
    timed,
    onResult,
}: {
    name: string;
    tempo: string;
    restS: number;
    timed: boolean;
    onResult: (amount: string) => void;
}) {
    const [running, setRunning] = useState<Running>(null);
    const [started, setStarted] = useState<number | null>(null);
    const elapsed = useElapsed(started);
    const phases = phasesOf(tempo);
    const begin = (kind: Running) => () => {
        setRunning(kind);
        setStarted(performance.now());
    };
    const counted = Math.max(0, elapsed - COUNT_IN);
    const beat = pace(phases, counted);
    const end = (result?: number) => () => {
        setRunning(null);
        setStarted(null);
        if (result !== undefined) {
            onResult(String(result));
        }
    };
    if (running === null) {
        return (
            <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label={`Clocks for ${name}`}>
                {timed && (
                    <Button small onClick={begin("watch")}>
                        Stop-watch
                    </Button>
                )}
                {!timed && phases.length > 0 && (
                    <Button small onClick={begin("pace")}>
                        Pace {tempo}
                    </Button>
                )}
                {restS > 0 && (
                    <Button small onClick={begin("rest")}>
                        Rest {restS} s
                    </Button>
                )}
            </div>
        );
    }
    const counting = elapsed < COUNT_IN && running !== "rest";
    const left = Math.max(0, Math.ceil(restS - elapsed));
    const says = counting
        ? `Ready: ${Math.ceil(COUNT_IN - elapsed)}`
        : running === "watch"
          ? `${Math.floor(counted)} s`
          : running === "pace"
            ? `${beat.reps + 1}. ${beat.says} ${beat.left}`
            : left === 0
              ? "Rest is over"
              : `Rest ${left} s`;
    return (
        <div className="mt-2 flex flex-wrap items-center gap-3">
            <Button
                tone="main"
                className="min-h-14 text-xl"
                onClick={
                    running === "watch" && !counting
                        ? end(Math.floor(counted))
                        : running === "pace" && !counting
                          ? end(beat.reps)
                          : end()
                }
            >
                {running === "rest" ? "End the rest" : "Stop"}
                <span className="sr-only">: {name}</span>
            </Button>
            <span role="timer" className="num text-2xl font-bold">
                {says}
            </span>
        </div>
    );
}
