import { router } from "@inertiajs/react";
import { useSyncExternalStore } from "react";

/** What a status means to whoever waits for the answer: a heading and a sentence. */
export const PROBLEMS: Record<number, [string, string]> = {
    400: ["That cannot be read", "The address holds characters that no page here knows. Nothing was changed."],
    403: [
        "This is not yours to open",
        "It belongs to another clinic. If you think that is wrong, ask your clinic lead.",
    ],
    404: ["There is nothing here", "The page or the client does not exist, or is no longer there."],
    405: ["There is nothing here", "This address does not answer that way. Nothing was changed."],
    409: ["Somebody saved at the same moment", "Nothing was changed here. Send it once more."],
    413: ["That is too large", "Nothing was saved. Send less at once."],
    419: ["This page was open too long", "Nothing was changed. Sign in anew, then send it once more."],
    422: ["This record cannot be read", "Something stored in it is not understood. Screen says what to put right."],
    429: ["Too many tries", "Wait a minute and try again."],
    503: [
        "Back in a moment",
        "The application or its database does not answer just now. Send it again in a moment; it will not count twice.",
    ],
};

export const UNKNOWN: [string, string] = ["Something went wrong", "Nothing was changed. Try again."];

let trouble: [string, string, number] | null = null;
const listeners = new Set<() => void>();
const say = (now: typeof trouble): void => {
    trouble = now;
    listeners.forEach((listener) => listener());
};

/**
 * A form whose sending failed stays on the screen with everything that was typed, and the trouble is said beside it. Without
 * this the page would make room for an error page, and count as saved.
 */
export function watchForTrouble(): void {
    let method = "get";
    router.on("start", (event) => {
        method = event.detail.visit.method;
        say(null);
    });
    router.on("httpException", (event) => {
        if (method === "get") {
            return;
        }
        event.preventDefault();
        const { status } = event.detail.response;
        say([...(PROBLEMS[status] ?? UNKNOWN), status]);
    });
    router.on("networkError", (event) => {
        event.preventDefault();
        say(["No connection", "Nothing was sent. Send it again when the connection is back.", 0]);
    });
}

/** Heading, sentence and status of what went wrong with the last sending; null when nothing did. */
export const useTrouble = (): typeof trouble =>
    useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => trouble,
    );
