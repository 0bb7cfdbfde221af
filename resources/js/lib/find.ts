import { useEffect, useState } from "react";
import { ask } from "./ask";

/** A family that answers what was typed, and the rungs that were meant; open: for this client, null for nobody. */
export interface Found {
    code: string;
    name: string;
    pattern: string;
    why: string;
    open: boolean | null;
    rungs: { rung: string; name: string; open: boolean | null }[];
}

interface Answer {
    families: Found[];
    nearest: Found[];
}

const NOTHING: Answer = { families: [], nearest: [] };

/** What the server finds while somebody types; nothing until two letters stand there. */
export function useFind(path: string, query: string): Answer & { searched: boolean } {
    const [answer, setAnswer] = useState<{ for: string; found: Answer } | null>(null);
    const words = query.trim();
    useEffect(() => {
        if (words.length < 2) {
            return;
        }
        const stop = new AbortController();
        const wait = setTimeout(() => {
            ask<Answer>(`${path}?q=${encodeURIComponent(words)}`, stop.signal)
                .then((found) => setAnswer({ for: words, found }))
                .catch(() => undefined);
        }, 120);
        return () => {
            clearTimeout(wait);
            stop.abort();
        };
    }, [path, words]);
    return { ...(words.length < 2 ? NOTHING : (answer?.found ?? NOTHING)), searched: answer?.for === words };
}
