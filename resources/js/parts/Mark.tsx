import type { MarkName } from "@/types/props";

/** States differ by shape and word first, by colour last. */
const MARKS: Record<MarkName, { sign: string; word: string; tone: string }> = {
    stop: { sign: "◆", word: "stop and call", tone: "text-stop" },
    look: { sign: "■", word: "needs a look", tone: "text-hold" },
    up: { sign: "▲", word: "ready to step up", tone: "text-water" },
    ease: { sign: "▽", word: "ease", tone: "text-hold" },
    quiet: { sign: "○", word: "quiet", tone: "text-soft" },
};

export default function Mark({ name, words = false }: { name: MarkName; words?: boolean }) {
    const mark = MARKS[name];
    return (
        <span className={`${mark.tone} whitespace-nowrap`}>
            <span aria-hidden="true" className="inline-block w-4 text-center">
                {mark.sign}
            </span>
            <span className={words ? "ml-1 text-sm" : "sr-only"}>{mark.word}</span>
        </span>
    );
}

export const markOf = (decision: string, review = false): MarkName =>
    (({ step_up: "up", ease: "ease", stop: "stop", retest: "look" })[decision] as MarkName | undefined) ??
    (review ? "look" : "quiet");
