export type { KitForm } from "@/types/props";

export type Errors = Record<string, string | undefined>;
