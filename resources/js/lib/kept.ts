import { newId } from "./id";
import type { Shared } from "@/types/props";
import { usePage } from "@inertiajs/react";
import { useCallback, useEffect, useRef, useState } from "react";

/*
 * What somebody typed and has not saved yet stays in their own browser, a page and client at a time, encrypted with a key
 * that the server gives after sign-in. It is offered again when the page opens, and gone once it is saved or the person
 * signs out. Where a browser has no encryption (an insecure address), nothing is kept.
 */

const PREFIX = "buoyant.kept.";
const WAIT_MS = 250;
/** Older attempts at one page than this many are let go. */
const MOST = 3;

interface Entry<T> {
    id: string;
    at: string;
    title: string;
    path: string;
    data: T;
}

const bytes = (base64: string): Uint8Array<ArrayBuffer> => Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));
const text = (buffer: ArrayBuffer): string => btoa(String.fromCharCode(...new Uint8Array(buffer)));

const canKeep = (): boolean => typeof window !== "undefined" && window.isSecureContext && "subtle" in crypto;

const keyFrom = (base64: string): Promise<CryptoKey> =>
    crypto.subtle.importKey("raw", bytes(base64), "AES-GCM", false, ["encrypt", "decrypt"]);

async function read<T>(at: string, key: string): Promise<Entry<T>[]> {
    const stored = localStorage.getItem(at);
    if (stored === null) {
        return [];
    }
    try {
        const [iv = "", sealed = ""] = stored.split(".");
        const open = await crypto.subtle.decrypt(
            { name: "AES-GCM", iv: bytes(iv) },
            await keyFrom(key),
            // A long form goes past what one call may spread; it is stored in pieces.
            new Uint8Array(sealed.split("|").flatMap((piece) => [...bytes(piece)])),
        );
        return JSON.parse(new TextDecoder().decode(open)) as Entry<T>[];
    } catch {
        // Sealed with a key that is gone: nobody can read it.
        localStorage.removeItem(at);
        return [];
    }
}

/** Saved since this page was opened: a form that is drawn anew by its own save must not offer it once more. */
const saved = new Set<string>();
/** Told of each save: the form may have been drawn anew, and have read what was kept, a moment before it was known. */
const told = new Set<() => void>();

/** Grows with each sign-out: what was about to be written down before it is not written after it. */
let signOuts = 0;

async function write<T>(at: string, key: string, entries: Entry<T>[], since: number): Promise<void> {
    if (entries.length === 0) {
        localStorage.removeItem(at);
        return;
    }
    const iv = crypto.getRandomValues(new Uint8Array(12));
    const sealed = await crypto.subtle.encrypt(
        { name: "AES-GCM", iv },
        await keyFrom(key),
        new TextEncoder().encode(JSON.stringify(entries.slice(-MOST))),
    );
    const pieces: string[] = [];
    for (let from = 0; from < sealed.byteLength; from += 3 * 4096) {
        pieces.push(text(sealed.slice(from, from + 3 * 4096)));
    }
    if (since !== signOuts) {
        return;
    }
    try {
        localStorage.setItem(at, `${text(iv.buffer)}.${pieces.join("|")}`);
    } catch {
        // The browser's room is full; the form itself still holds everything.
    }
}

/** One after the other for each place, so that a slow write cannot undo a later one. */
const queues = new Map<string, Promise<void>>();
function change<T>(at: string, key: string, how: (entries: Entry<T>[]) => Entry<T>[], since = signOuts): Promise<void> {
    const next = (queues.get(at) ?? Promise.resolve()).then(async () =>
        write(at, key, how(await read<T>(at, key)), since),
    );
    queues.set(at, next);
    return next;
}

export interface Kept<T> {
    /** What was typed here earlier and not saved; null when there is nothing to offer. */
    offer: { at: string; data: T } | null;
    /** Takes the offer; put its data into the form. */
    take: () => void;
    /** Throws the offer away. */
    drop: () => void;
    /** Call when the form was saved: nothing of it is kept any longer. */
    saved: () => void;
}

/**
 * @param place  which page and client, such as "12.screen"; null keeps nothing
 * @param data  what stands in the form now
 * @param dirty  whether any of it is unsaved
 */
export function useKept<T>(place: string | null, title: string, data: T, dirty: boolean): Kept<T> {
    const { me } = usePage().props as unknown as Shared;
    const at = place === null || me === null || !canKeep() ? null : `${PREFIX}${me.id}.${place}`;
    const key = me?.keep ?? "";
    const own = useRef(newId());
    const [offer, setOffer] = useState<Entry<T> | null>(null);
    const json = JSON.stringify(data);
    useEffect(() => {
        let here = true;
        if (at !== null) {
            void read<T>(at, key).then((entries) => {
                const last = entries.filter((e) => e.id !== own.current && !saved.has(e.id)).at(-1);
                if (here && last) {
                    setOffer(last);
                }
            });
        }
        const look = () => setOffer((last) => (last !== null && saved.has(last.id) ? null : last));
        told.add(look);
        return () => {
            here = false;
            told.delete(look);
        };
    }, [at, key]);
    // What is typed and not written down yet; written at once when the page is left.
    const pending = useRef<(() => void) | null>(null);
    const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
    // The page is told of a save a moment before the form is drawn anew: what was saved must not be kept in between.
    const now = useRef(json);
    const done = useRef<string | null>(null);
    useEffect(() => {
        now.current = json;
        if (!dirty) {
            done.current = null;
        }
        if (at === null || !dirty || json === done.current) {
            pending.current = null;
            return undefined;
        }
        const since = signOuts;
        const keep = () => {
            pending.current = null;
            const entry = { id: own.current, at: new Date().toISOString(), title, path, data: JSON.parse(json) as T };
            void change<T>(at, key, (entries) => [...entries.filter((e) => e.id !== entry.id), entry], since);
        };
        const path = window.location.pathname + window.location.search;
        pending.current = keep;
        timer.current = setTimeout(keep, WAIT_MS);
        return () => clearTimeout(timer.current);
    }, [at, key, json, dirty, title]);
    useEffect(() => {
        const leaving = () => pending.current?.();
        window.addEventListener("pagehide", leaving);
        return () => {
            window.removeEventListener("pagehide", leaving);
            leaving();
        };
    }, []);
    const without = useCallback(
        (ids: string[]) => {
            if (at !== null) {
                void change<T>(at, key, (entries) => entries.filter((e) => !ids.includes(e.id)));
            }
        },
        [at, key],
    );
    return {
        offer: offer && { at: offer.at, data: offer.data },
        take: () => {
            // It lives on as this form's own from here.
            own.current = offer?.id ?? own.current;
            setOffer(null);
        },
        drop: () => {
            without(offer ? [offer.id] : []);
            setOffer(null);
        },
        saved: () => {
            clearTimeout(timer.current);
            pending.current = null;
            done.current = now.current;
            saved.add(own.current);
            without([own.current]);
            told.forEach((look) => look());
            own.current = newId();
        },
    };
}

/** Everything this person typed and did not save, wherever it was. */
export function useKeptPlaces(): { title: string; path: string; at: string }[] {
    const { me } = usePage().props as unknown as Shared;
    const [places, setPlaces] = useState<{ title: string; path: string; at: string }[]>([]);
    const [id, key] = [me?.id, me?.keep];
    useEffect(() => {
        let here = true;
        if (id !== undefined && key !== undefined && canKeep()) {
            const mine = Object.keys(localStorage).filter((k) => k.startsWith(`${PREFIX}${id}.`));
            void Promise.all(mine.map((k) => read<unknown>(k, key))).then((found) => {
                if (here) {
                    setPlaces(
                        found
                            .map((entries) => entries.at(-1))
                            .filter((e): e is Entry<unknown> => e !== undefined)
                            .map(({ title, path, at }) => ({ title, path, at })),
                    );
                }
            });
        }
        return () => {
            here = false;
        };
    }, [id, key]);
    return places;
}

/** For a deliberate sign-out: nothing of this person stays in the browser. */
export function forgetKept(userId: number): void {
    signOuts += 1;
    for (const key of Object.keys(localStorage).filter((k) => k.startsWith(`${PREFIX}${userId}.`))) {
        localStorage.removeItem(key);
    }
}
