const DAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"];

export const dayName = (day: number): string => DAYS[day - 1] ?? "";

export const dayList = (days: number[]): string => days.map(dayName).join(" · ");

/** 2026-11-25 as "25 Nov 2026". Dates stay as they were written; no zone can move them. */
export function shortDate(date: string): string {
    const [year, month, day] = date.slice(0, 10).split("-");
    const months = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];
    return `${Number(day)} ${months[Number(month) - 1] ?? ""} ${year ?? ""}`;
}

const FIELDS: Record<string, string> = {
    lift_max_g: "Lift at most, in all",
    effort_max: "Effort at most, of 10",
    load_pct_max: "Load at most, % of 1RM",
    reps_min: "Reps at least",
    reps_max: "Reps at most",
    hold_max_s: "Hard hold at most, s",
    impact_max: "Impact at most, 0-3",
    support_min: "Support at least",
    surface_max: "Surface",
    supervision_min: "Supervision at least",
    step_pct_max: "Load step at most, %",
    rest_min_s: "Rest at least, s",
    hours_between_same_muscle: "Hours between same muscles",
    heart_rate_valid: "Heart rate can be used",
};

/** A field of the envelope, in words. */
export const fieldName = (field: string): string =>
    FIELDS[field] ?? (field.charAt(0).toUpperCase() + field.slice(1)).replaceAll("_", " ");
