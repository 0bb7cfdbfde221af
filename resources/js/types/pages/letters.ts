import type { ClientFrame } from "./shared";

/* What Messages, Letters, one letter and the clinic's words for letters receive. */

export interface MessageRow {
    id: number;
    kind: string;
    says: string;
    at: string;
    by: string | null;
    answer: string | null;
    answered_by: string | null;
    answered_at: string | null;
    meet: { stage: string; says: string } | null;
}

export interface MessagesProps {
    client: ClientFrame;
    messages: MessageRow[];
    kinds: [string, string][];
}

export interface LetterRow {
    id: number;
    kind: string;
    recipient: string;
    by: string;
    at: string;
    kept_at: string | null;
}

export interface LettersProps {
    client: ClientFrame;
    letters: LetterRow[];
    kinds: [string, string][];
    recipient: string;
}

export interface LetterProps {
    client: ClientFrame;
    letter: LetterRow & {
        body: string;
        facts: { says: string; at: string; path: string }[];
        revision: number;
    };
}

export interface LetterTemplatesProps {
    templates: { kind: string; label: string; body: string; own: boolean }[];
    fields: [string, string][];
    may_change: boolean;
}
