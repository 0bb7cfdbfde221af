import type { FigureData } from "./shared";

/* What the pages of the catalogue receive. */

export interface FamilyHeading {
    code: string;
    name: string;
    pattern: string;
    purpose: string;
    loaded: boolean;
    rungs: number;
    /** Of the clinic's own. */
    own: boolean;
    gym: string[];
}

export interface ExercisesProps {
    families: FamilyHeading[];
}

export interface FamilyProps {
    family: {
        code: string;
        name: string;
        /** Of a clinic's own: what it is a copy of. */
        copied_from: { code: string; name: string } | null;
        pattern: string;
        purpose: string;
        gym: string[];
        words: string[];
        serves: string[];
        seated: { code: string; name: string } | null;
        rungs: {
            code: string;
            name: string;
            step: string;
            axes: string;
            figure: FigureData;
            equipment: { name: string; or: string | null }[];
            set_up: string;
            cues: string[];
            mistakes: string[];
            feel: string;
            too_hard_if: string;
            too_easy_if: string;
            muscles: string[];
            helper: string | null;
            picture: string | null;
            target: string | null;
            fade: string | null;
            looks: { sees: string; because: string; cue: string }[];
            wrong: { says: string; figure: FigureData } | null;
            counts: string;
            seconds: number;
            set_up_seconds: number;
            alone: boolean;
            demands: string[];
            changes: string[];
            opens: string[];
        }[];
    };
}

export interface FiguresProps {
    pattern: string;
    patterns: { code: string; name: string }[];
    families: { code: string; name: string; rungs: { code: string; name: string; figure: FigureData }[] }[];
}
