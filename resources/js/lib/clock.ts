import { useEffect, useState } from "react";

/** Seconds since `started` (of performance.now), renewed ten times a second; 0 while nothing runs. */
export function useElapsed(started: number | null): number {
    const [elapsed, setElapsed] = useState(0);
    useEffect(() => {
        if (started === null) {
            return undefined;
        }
        const timer = setInterval(() => setElapsed((performance.now() - started) / 1000), 100);
        return () => clearInterval(timer);
    }, [started]);
    return started === null ? 0 : Math.max(0, elapsed);
}

export interface Phase {
    says: string;
    seconds: number;
}

/** "3-0-2-0" as its parts: lowering, a pause, lifting, a pause; what takes no time is left out. */
export function phasesOf(tempo: string): Phase[] {
    const names = ["lower", "hold", "lift", "hold"];
    return tempo
        .split("-")
        .map((part, i) => ({
            says: part === "fast" ? "lift fast" : (names[i] ?? ""),
            seconds: part === "fast" ? 1 : Number(part) || 0,
        }))
        .filter((phase) => phase.seconds > 0);
}

/** Where a pacer stands: how many reps are whole, and which part runs with how many seconds left. */
export function pace(phases: Phase[], elapsed: number): { reps: number; says: string; left: number } {
    const whole = phases.reduce((sum, phase) => sum + phase.seconds, 0);
    if (whole === 0) {
        return { reps: 0, says: "", left: 0 };
    }
    let at = elapsed % whole;
    for (const phase of phases) {
        if (at < phase.seconds) {
            return { reps: Math.floor(elapsed / whole), says: phase.says, left: Math.ceil(phase.seconds - at) };
        }
        at -= phase.seconds;
    }
    return { reps: Math.floor(elapsed / whole), says: phases[0]?.says ?? "", left: 0 };
}
