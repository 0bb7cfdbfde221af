const DAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"];

export const dayName = (day: number): string => DAYS[day - 1] ?? "";

export const dayList = (days: number[]): string => days.map(dayName).join(" · ");

/** Of a date as 2026-11-25; 1 Monday to 7 Sunday, as the plan counts its days; 0 where it is no date. */
export const weekday = (date: string): number => {
    const day = new Date(`${date}T00:00:00Z`).getUTCDay();
    return Number.isNaN(day) ? 0 : day || 7;
};

const MONTHS = [
    "January",
    "February",
    "March",
    "April",
    "May",
    "June",
    "July",
    "August",
    "September",
    "October",
    "November",
    "December",
];

/**
 * 2026-11-25 as "25 November 2026", the one form of a date on every screen, as the core writes it. Dates stay as they
 * were written; no zone can move them.
 */
export function sayDate(date: string): string {
    const [year, month, day] = date.slice(0, 10).split("-");
    return `${Number(day)} ${MONTHS[Number(month) - 1] ?? ""} ${year ?? ""}`;
}

/** 2026-11-25 14:05 as "25 November 2026, 14:05". */
export const sayMoment = (at: string): string => `${sayDate(at)}, ${at.slice(11, 16)}`;
