import type { OwnField, TypedLimit } from "./limits";
import type { ClientFrame, Option, StoredFault } from "./shared";

/* What Screen and the questions at home receive. */

/** What is asked about a client's function only where something says that it matters. */
export type FunctionPart = "limbs" | "trunk" | "bed" | "wheelchair";

export type Ability =
    | "arm_left"
    | "arm_right"
    | "leg_left"
    | "leg_right"
    | "trunk"
    | "bed_transfer"
    | "cognition"
    | "sets_up_alone"
    | "brakes"
    | "anti_tip"
    | "footplate"
    | "fallen_in_year";

export interface ConditionAbout {
    code: string;
    label: string;
    sided: boolean;
    details: { code: string; label: string }[];
    /** Ordered figures and counts, each with an example in words. */
    numbers: { field: string; mass: boolean; label: string; example: string }[];
    /** What else is asked about the client's function. */
    asks: FunctionPart[];
    /** Other names that people search by. */
    words: string[];
    /** Written down in the clinician's own words. */
    free: boolean;
    since_label: string | null;
    group: string;
}

export interface ConditionForm {
    code: string;
    side: string;
    since: string;
    until: string;
    details: string[];
    /** Ordered figures and counts, as typed; masses in kilograms. */
    numbers: Record<string, string>;
}

export interface ScreenForm {
    given_name: string;
    family_name: string;
    birth_date: string;
    sex: string;
    mass_unit: string;
    body_mass_kg: string;
    height_cm: string;
    due_date: string;
    birth_given_on: string;
    birth_kind: string;
    birth_symptoms: string[];
    medicines: string[];
    insensate: string[];
    usual: { sbp: string; dbp: string; heart_rate: string; spo2: string; weight_kg: string };
    conditions: ConditionForm[];
    grip_left: string;
    grip_right: string;
    standing: string;
    floor_transfer: string;
    home: string;
    abilities: Record<Ability, string>;
    training_level: string;
    training_since: string;
    usual_pain: string;
    pain_where: string;
    pain_school: string;
    supine_school: string;
    bone_school: string;
    days: number[];
    treatment_days: number[];
    best_time: string;
    minutes: string;
    aim: string;
    structure: string;
    wants: string;
    clearance: {
        given_by: string;
        given_on: string;
        until: string;
        restrictions: string;
        /** Those that this save sets; what holds already stands on Limits. */
        limits: TypedLimit[];
    };
}

export interface FromHomeData {
    id: number;
    submitted: boolean;
    rows: { field: string; ask: string; answer: string; now: string; decided: string | null }[];
}

export interface IntakeAtHomeProps {
    given_name: string;
    done: boolean;
    questions: { field: string; ask: string; options: { code: string; text: string }[] | null }[];
    path: string;
}

export interface ScreenProps {
    client: ClientFrame | null;
    from_home: FromHomeData | null;
    form: ScreenForm;
    /** What the form was made from; 0 for a new client. */
    version: number;
    faults: StoredFault[];
    known: ConditionAbout[];
    options: ScreenOptions;
    own_fields: OwnField[];
    own_parts: Option[];
}

export type ScreenOptions = Record<
    | "sex"
    | "mass_unit"
    | "supine_school"
    | "pain_school"
    | "bone_school"
    | "birth_kind"
    | "birth_symptoms"
    | "training_level"
    | "medicines"
    | "insensate"
    | "grip"
    | "standing"
    | "floor_transfer"
    | "home"
    | "limb"
    | "trunk"
    | "cognition"
    | "brakes"
    | "aim"
    | "structure"
    | "side",
    Option[]
> & { asks: { standing: string; parts: FunctionPart[] }[] } & {
    usual: { key: string; label: string; unit: string; mass: boolean }[];
};
