import { dayList } from "@/lib/words";
import { xsrfToken } from "@/lib/token";
import FileButton from "@/parts/FileButton";
import { useState } from "react";

/** The days on which a session has room, by the calendar that somebody keeps: read, shown, and ticked; nothing of it stays. */
export default function FromCalendar({ minutes, onDays }: { minutes: string; onDays: (days: number[]) => void }) {
    const [says, setSays] = useState<string | null>(null);
    const read = async (file: File) => {
        const sent = new FormData();
        sent.append("file", file);
        sent.append("minutes", minutes);
        const answer = await fetch("/calendar", {
            method: "POST",
            body: sent,
            headers: { Accept: "application/json", "X-XSRF-TOKEN": xsrfToken() },
        }).catch(() => null);
        const body = answer === null ? null : ((await answer.json().catch(() => null)) as Answer | null);
        if (answer?.ok && body?.days) {
            onDays(body.days);
            setSays(
                body.days.length === 0
                    ? "No day has room for it in each of the next four weeks."
                    : `Room in each of the next four weeks: ${dayList(body.days)}.`,
            );
        } else {
            setSays(
                body?.errors ? (Object.values(body.errors)[0]?.[0] ?? "") : "The file could not be sent. Try again.",
            );
        }
    };
    return (
        <div className="mt-1 flex flex-wrap items-center gap-2 text-sm">
            <FileButton
                label="Days from a calendar file"
                accept=".ics,text/calendar"
                onFile={(file) => void read(file)}
            >
                From a calendar…
            </FileButton>
            <span role="status">{says}</span>
        </div>
    );
}

interface Answer {
    days?: number[];
    errors?: Record<string, string[]>;
}
