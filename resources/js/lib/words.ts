const DAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"];

export const dayName = (day: number): string => DAYS[day - 1] ?? "";

export const dayList = (days: number[]): string => days.map(dayName).join(" · ");

/** 2026-11-25 as "25 Nov 2026". Dates stay as they were written; no zone can move them. */
export function shortDate(date: string): string {
    const [year, month, day] = date.slice(0, 10).split("-");
    const months = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];
    return `${Number(day)} ${months[Number(month) - 1] ?? ""} ${year ?? ""}`;
}
