import type { TodayRow } from "@/types/props";

const KEY = "buoyant.today";

/** Numbers alone, in this tab alone: who was on the list, in which order, and on which page each is met. */
export function rememberToday(rows: TodayRow[]): void {
    try {
        sessionStorage.setItem(KEY, JSON.stringify(rows.map((row) => [row.id, row.needs[0]?.stage ?? "plan"])));
    } catch {
        // Without a place to keep it, "next" leads back to Today.
    }
}

/** Where the next one on the list is met; Today itself after the last, or where nothing is remembered. */
export function nextOnToday(client: number): string {
    try {
        const rows = JSON.parse(sessionStorage.getItem(KEY) ?? "[]") as [number, string][];
        const next = rows[rows.findIndex(([id]) => id === client) + 1];
        return next && rows.some(([id]) => id === client) ? `/clients/${next[0]}/${next[1]}` : "/";
    } catch {
        return "/";
    }
}
