import type { Wishes } from "./DraftAnew";

/** A change of the plan as it was sent, to be made again on a plan that somebody changed meanwhile. */
export interface Change {
    verb: "post" | "put" | "delete";
    path: string;
    data: Record<string, string | number | boolean | null | number[] | Wishes | File>;
    /** What it was, in words. */
    says: string;
    saved: () => void;
}

/** Sends a change of the plan, on the state that the page shows. */
export type Send = (
    verb: Change["verb"],
    path: string,
    data?: Change["data"],
    says?: string,
    saved?: () => void,
) => void;
