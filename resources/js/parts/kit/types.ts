import type { BandForm, CarrierForm, PieceForm } from "@/types/props";

/** The whole kit as one form, saved at once. */
export interface KitForm {
    pieces: PieceForm[];
    carriers: CarrierForm[];
    bands: BandForm[];
    place: { things: string[]; floor: string | null; door: string | null; chair_at_wall: boolean | null };
    aids: { left: string[]; right: string[] };
}

export type Errors = Record<string, string | undefined>;

export const GRIPS = ["none", "hook", "soft", "power", "pinch"];
