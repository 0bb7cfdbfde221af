import { newId } from "@/lib/id";
import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import type { Card } from "@/home/card";
import type { Draft } from "@/home/draft";

export interface Prefs {
    size: "large" | "larger" | "largest";
    strong: boolean;
    voice: boolean;
    tones: boolean;
    auto: boolean;
    left: boolean;
    still: boolean;
}

export const PREFS: Prefs = {
    size: "large",
    strong: false,
    voice: false,
    tones: true,
    auto: false,
    left: false,
    still: false,
};

/** What waits to be sent: in the order it was made, each with a key of its own, so that twice is once. */
export interface Waiting {
    key: string;
    path: string;
    body: Record<string, unknown>;
    at: number;
    refused: boolean;
}

/** What this phone itself knows of today, beside the card. */
export interface Local {
    /** Whose page this phone last showed; null before the first. */
    whose: number | null;
    /** Server's clock less this phone's, milliseconds, when both were last seen together. */
    offset: number;
    done: string[];
    /** Red flags that were told here: nothing begins until the clinic's answer has come since. */
    stopped: number | null;
    checked: { on: string; verdict: string; says: string } | null;
    asked: string[];
    practised: number[];
    planChanged: boolean;
}

export const LOCAL: Local = {
    whose: null,
    offset: 0,
    done: [],
    stopped: null,
    checked: null,
    asked: [],
    practised: [],
    planChanged: false,
};

interface Home extends DBSchema {
    kept: { key: string; value: unknown };
    waiting: { key: string; value: Waiting };
}

let opened: Promise<IDBPDatabase<Home>> | null = null;

const db = (): Promise<IDBPDatabase<Home>> =>
    (opened ??= openDB<Home>("buoyant-home", 1, {
        upgrade(made) {
            made.createObjectStore("kept");
            made.createObjectStore("waiting", { keyPath: "key" });
        },
    }));

interface KeptThings {
    card: Card;
    draft: Draft | null;
    prefs: Prefs;
    local: Local;
}

export async function kept<K extends keyof KeptThings>(what: K): Promise<KeptThings[K] | undefined> {
    return (await (await db()).get("kept", what)) as KeptThings[K] | undefined;
}

export async function keep<K extends keyof KeptThings>(what: K, value: KeptThings[K]): Promise<void> {
    await (await db()).put("kept", value, what);
}

export async function enqueue(
    whose: number | null,
    path: string,
    body: Record<string, unknown>,
    key = newId(),
): Promise<void> {
    await (await db()).put("waiting", { key, path, body: { ...body, key, whose }, at: Date.now(), refused: false });
}

export async function waiting(): Promise<Waiting[]> {
    return (await (await db()).getAll("waiting")).sort((a, b) => a.at - b.at);
}

export interface Sent {
    planChanged: boolean;
    closed: boolean;
}

let sending: Promise<Sent> | null = null;

/** Sends what waits, one after the other; two callers share one sending, and two tabs take turns. */
export function send(): Promise<Sent> {
    const run = async (): Promise<Sent> =>
        "locks" in navigator ? navigator.locks.request("buoyant-home-send", sendAll) : sendAll();
    return (sending ??= run().finally(() => {
        sending = null;
    }));
}

async function sendAll(): Promise<Sent> {
    let planChanged = false;
    // Of another client who shares this phone: it waits until their own page is open again.
    const notOurs = new Set<string>();
    // Read anew each time: what is done while something is on its way goes with it.
    for (let one = await nextUnsent(notOurs); one !== undefined; one = await nextUnsent(notOurs)) {
        const answer = await post(one.path, one.body);
        if (answer === null || answer.status === 429 || answer.status >= 500) {
            return { planChanged, closed: false };
        }
        if (answer.status === 401) {
            return { planChanged, closed: true };
        }
        if (answer.status === 409) {
            notOurs.add(one.key);
        } else if (answer.ok) {
            const says = (await answer.json()) as { plan_changed?: boolean };
            planChanged ||= says.plan_changed === true;
            await (await db()).delete("waiting", one.key);
        } else {
            // It stays here, and is said: nothing that was done is thrown away.
            await (await db()).put("waiting", { ...one, refused: true });
        }
    }
    return { planChanged, closed: false };
}

const nextUnsent = async (not: Set<string>): Promise<Waiting | undefined> =>
    (await waiting()).find((one) => !one.refused && !not.has(one.key));

const HEADERS = { Accept: "application/json", "Content-Type": "application/json", "X-At-Home": "1" };

export async function post(path: string, body: Record<string, unknown>): Promise<Response | null> {
    return fetch(path, { method: "POST", headers: HEADERS, body: JSON.stringify(body) }).catch(() => null);
}

/** The newest card, or null without a signal; "closed" where the clinic has closed the page. */
export async function fetchCard(): Promise<Card | "closed" | null> {
    const answer = await fetch("/home/card.json", { headers: { Accept: "application/json" } }).catch(() => null);
    if (answer?.status === 401) {
        return "closed";
    }
    return answer?.ok ? ((await answer.json()) as Card) : null;
}

/** The clinic has closed the page: what it held goes, what was done and not sent stays until it can be. */
export async function wipe(): Promise<void> {
    await (await db()).delete("kept", "card");
    await caches.delete("home-page");
}

/** Everything of the page goes off this phone, once all that was done on it has been sent; false where that cannot be. */
export async function forget(): Promise<boolean> {
    await send();
    if ((await waiting()).length > 0) {
        return false;
    }
    await post("/home/forget", {});
    (await db()).close();
    opened = null;
    await new Promise((done) => {
        const gone = indexedDB.deleteDatabase("buoyant-home");
        gone.onsuccess = gone.onerror = gone.onblocked = done;
    });
    for (const name of await caches.keys()) {
        await caches.delete(name);
    }
    return true;
}
