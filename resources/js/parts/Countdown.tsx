import { useEffect, useState } from "react";

/** Time left until the re-check; says so when it has come. The clock is for the eye: nothing depends on it. */
export default function Countdown({ until }: { until: string }) {
    const left = () => Math.max(0, Math.round((new Date(until).getTime() - Date.now()) / 1000));
    const [seconds, setSeconds] = useState(left);
    useEffect(() => {
        const timer = setInterval(() => setSeconds(left()), 1000);
        return () => clearInterval(timer);
    });
    return (
        <p className="text-hold num text-lg font-bold" role="timer">
            {seconds > 0
                ? `Again in ${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`
                : "Read it again now."}
        </p>
    );
}
