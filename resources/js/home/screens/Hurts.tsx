import { type Draft, withDone } from "@/home/draft";
import { Main, Scale, Screen, Second } from "@/home/parts";
import type { Here } from "@/home/screens/Play";
import { useVoice, useWords } from "@/home/words";
import { useState } from "react";

/** It hurts: where, how much, and what the rule says to that. */
export default function Hurts({
    here,
    onGoOn,
    onEase,
    onLeaveOut,
    onStop,
}: {
    here: Here;
    onGoOn: (draft: Draft) => void;
    onEase: (draft: Draft) => void;
    onLeaveOut: (draft: Draft) => void;
    onStop: () => void;
}) {
    const t = useWords();
    const voice = useVoice();
    const { item, draft } = here;
    const [where, setWhere] = useState("");
    const [pain, setPain] = useState<number | null>(null);
    const answer = pain === null ? null : (draft.pain[pain] ?? "leave_out");
    const told = (): Draft =>
        item === null || pain === null
            ? draft
            : withDone(draft, item.id, {
                  pain: Math.max(pain, draft.done[String(item.id)]?.pain ?? 0),
                  where: where.trim(),
              });
    return (
        <Screen title={t("play.hurts")}>
            <label className="home-label mt-2">
                {t("play.pain_where")}
                <input className="home-input" maxLength={80} value={where} onChange={(e) => setWhere(e.target.value)} />
            </label>
            <h2 className="mt-3 text-xl font-bold">{t("play.pain_much")}</h2>
            <Scale
                label={t("play.pain_much")}
                value={pain}
                onPick={(n) => {
                    setPain(n);
                    voice.read(t(`play.pain.${draft.pain[n] ?? "leave_out"}`));
                }}
            />
            <p role="status" className={answer === null ? "" : "home-note"}>
                {answer === null ? "" : t(`play.pain.${answer}`)}
            </p>
            <p>{t("play.pain_flag")}</p>
            {answer === "carry_on" && <Main onPress={() => onGoOn(told())}>{t("play.resume")}</Main>}
            {answer === "ease" && <Main onPress={() => onEase(told())}>{t("next")}</Main>}
            {answer === "leave_out" && <Main onPress={() => onLeaveOut(told())}>{t("play.leave_out")}</Main>}
            <button type="button" className="home-stop mt-3" onClick={onStop}>
                ◆ {t("play.stop")}
            </button>
            <Second onPress={() => onGoOn(draft)}>{t("back")}</Second>
        </Screen>
    );
}
