import type { ClientFrame, Dose, Reason } from "./shared";

/* What Log and Review receive. */

export interface LogProps {
    client: ClientFrame;
    plan: {
        id: number;
        version: number;
        items: { id: number; name: string; dose: Dose; sides: string; sets: { n: number; side: string }[] }[];
    } | null;
    logs: {
        id: number;
        on: string;
        skipped: string | null;
        stop_sign: string | null;
        stop_open: boolean;
        pain_before: number | null;
        pain_next_morning: number | null;
        note: string | null;
        items: { name: string; says: string; pain: number | null }[];
    }[];
}

export interface ProposalRow {
    id: number;
    name: string;
    to: string | null;
    decision: "step_up" | "stay" | "ease" | "stop" | "retest";
    label: string;
    lever: string | null;
    now: Dose;
    next: Dose;
    because: Reason[];
    otherwise: string;
    review: boolean;
}

export interface ReviewProps {
    client: ClientFrame;
    proposals: ProposalRow[];
    session: {
        id: number;
        on: string;
        pain_before: number | null;
        pain_next_morning: number | null;
        skipped: string | null;
    } | null;
    stop: { on: string; says: string | null } | null;
    draft: { version: number; revision: number } | null;
    record: { id: number; at: string; says: string; reason: string | null }[];
}
