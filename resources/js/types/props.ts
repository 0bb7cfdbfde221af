/* What each page receives from the server. Checked against real answers: see tests/Feature/PropsTest.php. */

export type * from "./pages/shared";
export type * from "./pages/today";
export type * from "./pages/screen";
export type * from "./pages/measure";
export type * from "./pages/limits";
export type * from "./pages/kit";
export type * from "./pages/plan";
export type * from "./pages/log";
export type * from "./pages/course";
export type * from "./pages/letters";
export type * from "./pages/own";
export type * from "./pages/exercises";
