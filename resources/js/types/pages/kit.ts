import type { ClientFrame, FigureData, Option, Reading } from "./shared";

/* What Kit receives, and the answer about a band. */

export interface PieceForm {
    label: string;
    mass_kg: string;
    count: string;
    grip: string;
    worn_on: string;
    holdable: boolean;
    packable: boolean;
    plate: boolean;
    weighed: boolean;
}

export interface CarrierForm {
    label: string;
    mass_kg: string;
    count: string;
    grip: string;
    worn_on: string;
    max_mass_kg: string;
    max_pieces: string;
    plates: boolean;
}

export interface BandForm {
    id: number | null;
    label: string;
    rest_cm: string;
    form: string;
    material: string;
    max_pct: string;
    pulls: { cm: string; kgf: string }[];
    curve: { pct: number; newtons: number; pull: string }[];
}

/** The whole kit as one form, saved at once. */
export interface KitForm {
    pieces: PieceForm[];
    carriers: CarrierForm[];
    bands: BandForm[];
    place: { things: string[]; floor: string | null; door: string | null; chair_at_wall: boolean | null };
    aids: { left: string[]; right: string[] };
}

export interface ThingHere {
    code: string;
    name: string;
    or: string | null;
    room: string;
    here: boolean;
}

export interface LadderLoad {
    g: number;
    label: string;
    recipe: string;
    step: number | null;
    too_far: boolean;
}

export interface KitProps {
    client: ClientFrame;
    form: KitForm;
    version: number;
    band_rungs: { code: string; name: string }[];
    things: ThingHere[];
    /** Has somebody gone through the rooms? */
    gone_through: boolean;
    anchors: { name: string; serves: string; open: boolean; why: string }[];
    aids_known: { code: string; name: string }[];
    findings: string[];
    readings: Reading[];
    starter: {
        pieces: {
            room: string;
            label: string;
            mass_kg: string;
            grip: string;
            holdable: boolean;
            packable: boolean;
            plate?: boolean;
        }[];
        carriers: {
            room: string;
            label: string;
            mass_kg: string;
            max_mass_kg: string;
            max_pieces: number;
            grip: string;
            plates?: boolean;
        }[];
    };
    /** The heaviest load in the picture, in words. */
    shown_to: string;
    ladders: { holding: string; label: string; loads: LadderLoad[]; step_max: number }[];
    grip: { left: string; right: string };
    options: KitOptions;
}

export type KitOptions = Record<
    "floor" | "door" | "band_form" | "band_material" | "grip" | "pull_at" | "worn_on",
    Option[]
>;

export interface BandAnswer {
    says: string;
    start: string | null;
    middle: string | null;
    end: string | null;
    mean: string | null;
    start_pct: number;
    end_pct: number;
    stand_cm: number | null;
    free_cm: number | null;
    top_view: { anchor: string; hand_start: number; hand_end: number; body: number } | null;
    notes: string[];
    /** What it pulls, as its box takes it. */
    pull: string;
    target_says: string;
    out: string | null;
    figure: FigureData;
}
