export type { KitForm } from "@/types/props";

export type Errors = Record<string, string | undefined>;

export const GRIPS = ["none", "hook", "soft", "power", "pinch"];
