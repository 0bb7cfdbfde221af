import type { FigureData, Option } from "./shared";

/* What the page of a clinic's own exercise receives. */

export interface OwnRungForm {
    code: string;
    use: boolean;
    name: string;
    step: string;
    set_up: string;
    /** One a line. */
    cues: string;
    mistakes: string;
    too_hard_if: string;
    too_easy_if: string;
    feel: string;
    seconds_per_unit: number;
    start_pose: string;
    end_pose: string;
    impact: number;
    balance: number;
    spine_load: string;
    breath: string;
    usual_support: string;
    motions: string[];
}

export interface OwnExerciseProps {
    /** Of one that is changed; null for a new copy. */
    code: string | null;
    source: { code: string; name: string };
    form: {
        copied_from: string;
        name: string;
        purpose: string;
        words: string;
        reason: string;
        version: number;
        rungs: OwnRungForm[];
    };
    figures: { code: string; figure: FigureData }[];
    /** Poses that may be taken from other exercises of the pattern. */
    poses: Option[];
    options: { spine_load: Option[]; breath: Option[]; usual_support: Option[]; motions: Option[] };
    lead: boolean;
}
