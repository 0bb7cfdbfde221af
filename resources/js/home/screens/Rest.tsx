import { corrected, doneOf, type Draft, isLastOf, itemOf, onwards, rated, stepOf } from "@/home/draft";
import { Choose, Clock, Main, Screen } from "@/home/parts";
import type { Here } from "@/home/screens/Play";
import { HomeContext, useVoice, useWords } from "@/home/words";
import { useElapsed } from "@/lib/clock";
import { type ReactNode, useContext, useEffect, useRef, useState } from "react";

/** The rest after a set: a clock, how many it were, how hard it was, and what comes next. */
export default function Rest({
    here,
    onDraft,
    onOver,
    menu,
}: {
    here: Here;
    onDraft: (draft: Draft) => void;
    onOver: (draft: Draft) => void;
    menu: ReactNode;
}) {
    const t = useWords();
    const voice = useVoice();
    const { prefs } = useContext(HomeContext);
    const { draft, step, item, easier } = here;
    const [started] = useState(() => performance.now());
    const elapsed = useElapsed(started);
    const left = Math.max(0, Math.ceil(step.rest - elapsed));
    const next = onwards(draft);
    const nextStep = stepOf(next);
    const nextName = next.over ? "" : (itemOf(next, nextStep)?.name ?? t("play.march"));
    const asks = item !== null && step.kind === "set" && easier === null && isLastOf(draft, draft.at);
    const done = item === null ? null : doneOf(draft, item.id);
    const last = done?.sets.at(-1);
    const answered = !asks || done?.sets.every((s) => s.how !== null) === true;
    const timed = item?.kind === "seconds" || item?.kind === "hold";
    const by = timed ? 5 : 1;
    const gone = useRef(false);
    const on = () => {
        if (!gone.current) {
            gone.current = true;
            onOver(draft);
        }
    };
    // The same exercise again goes on by itself; another one where that was wished.
    const alone = nextStep !== undefined && (prefs.auto || nextStep.item === step.item);
    useEffect(() => {
        voice.read([t("play.rest"), next.over ? "" : t("play.rest_next", { name: nextName })].join(". "));
    }, []); // eslint-disable-line react-hooks/exhaustive-deps
    useEffect(() => {
        if (left === 0 && !gone.current) {
            voice.high();
            if (alone && (answered || prefs.auto)) {
                on();
            }
        }
    }, [left === 0, answered]); // eslint-disable-line react-hooks/exhaustive-deps
    return (
        <Screen title={left > 0 ? t("play.rest") : asks ? t("play.finished") : t("play.rest_over")} quiet={left === 0}>
            {step.rest > 0 && <Clock seconds={left} label={t("play.rest")} />}
            {item !== null && last !== undefined && easier === null && (
                <div className="mt-2">
                    <p id="how-many">{t(timed ? "play.count_time" : "play.count_done")}</p>
                    <div role="group" aria-labelledby="how-many" className="mt-1 flex items-center gap-2">
                        <button
                            type="button"
                            className="home-second w-24"
                            aria-label={t("play.fewer")}
                            onClick={() => onDraft(corrected(draft, item.id, Math.max(0, last.amount - by)))}
                        >
                            −
                        </button>
                        <span role="status" className="flex-1 text-center text-4xl font-bold tabular-nums">
                            {last.amount} <span className="text-lg">{t(`play.${item.kind}`)}</span>
                        </span>
                        <button
                            type="button"
                            className="home-second w-24"
                            aria-label={t("play.one_more")}
                            onClick={() => onDraft(corrected(draft, item.id, Math.min(1800, last.amount + by)))}
                        >
                            +
                        </button>
                    </div>
                </div>
            )}
            {asks && item !== null && (
                <>
                    <h2 className="mt-3 text-xl font-bold">{t("play.how_hard")}</h2>
                    <Choose
                        label={t("play.how_hard")}
                        options={item.hard.map((code): [string, string] => [code, t(`play.hard.${code}`)])}
                        value={last?.how ?? null}
                        onPick={(how) => onDraft(rated(draft, item.id, how))}
                    />
                </>
            )}
            {!next.over && (
                <p className="mt-3 text-xl">
                    {t("play.rest_next", { name: nextName })}
                    {nextStep !== undefined && nextStep.side !== "both" && `, ${t(`play.${nextStep.side}`)}`}
                </p>
            )}
            <Main onPress={on}>{left > 0 ? t("play.skip_rest") : t("next")}</Main>
            {menu}
        </Screen>
    );
}
