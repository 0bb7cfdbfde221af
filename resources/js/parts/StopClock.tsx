import { useEffect, useRef, useState } from "react";
import Button from "./Button";

/**
 * A clock to work while watching the client, not the screen: one big button. A stopwatch counts up and hands over the
 * seconds when it is stopped; the 30 s clock counts taps until time is up.
 */
export default function StopClock({
    kind,
    label,
    onResult,
}: {
    kind: "stopwatch" | "count30";
    label: string;
    onResult: (value: string) => void;
}) {
    const [started, setStarted] = useState<number | null>(null);
    const [elapsed, setElapsed] = useState(0);
    const [count, setCount] = useState(0);
    const done = useRef(onResult);
    useEffect(() => {
        done.current = onResult;
    }, [onResult]);
    useEffect(() => {
        if (started === null) {
            return;
        }
        const timer = setInterval(() => {
            const seconds = (performance.now() - started) / 1000;
            setElapsed(seconds);
            if (kind === "count30" && seconds >= 30) {
                setStarted(null);
                done.current(String(count));
            }
        }, 100);
        return () => clearInterval(timer);
    }, [started, kind, count]);
    const start = () => {
        setElapsed(0);
        setCount(0);
        setStarted(performance.now());
    };
    const stop = () => {
        setStarted(null);
        onResult(kind === "stopwatch" ? elapsed.toFixed(1) : String(count));
    };
    if (started === null) {
        return (
            <Button small onClick={start}>
                {kind === "stopwatch" ? "Start clock" : "Start 30 s"}
                <span className="sr-only"> for {label}</span>
            </Button>
        );
    }
    return (
        <span className="flex items-center gap-2">
            {kind === "count30" && (
                <Button tone="main" className="min-h-14 text-xl" onClick={() => setCount(count + 1)}>
                    +1 <span className="sr-only">for {label}</span>
                </Button>
            )}
            <span className="num text-xl font-bold" role="timer">
                {kind === "count30"
                    ? `${count} in ${Math.max(0, 30 - Math.floor(elapsed))} s`
                    : `${elapsed.toFixed(1)} s`}
            </span>
            <Button
                tone={kind === "stopwatch" ? "main" : "plain"}
                className={kind === "stopwatch" ? "min-h-14 text-xl" : ""}
                onClick={stop}
            >
                Stop<span className="sr-only"> {label}</span>
            </Button>
        </span>
    );
}
