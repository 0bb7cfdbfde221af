import { doneOf, type Draft, isLastOf, itemOf, onwards, recorded, stepOf, withDone } from "@/home/draft";
import type { Easier, HomeItem, Step } from "@/home/card";
import { Main, Screen, Second } from "@/home/parts";
import Hurts from "@/home/screens/Hurts";
import Ready from "@/home/screens/Ready";
import Rest from "@/home/screens/Rest";
import StopWhy from "@/home/screens/StopWhy";
import TooHard from "@/home/screens/TooHard";
import Work from "@/home/screens/Work";
import { useVoice, useWords } from "@/home/words";
import { stayAwake } from "@/home/voice";
import { type ReactNode, useEffect, useState } from "react";

/** What is on the screen while a session runs; where the phone died, it begins again at the same set. */
type Phase = "ready" | "work" | "rest" | "paused" | "menu" | "hard" | "easy" | "hurts" | "stop";

export interface Here {
    draft: Draft;
    step: Step;
    item: HomeItem | null;
    /** The easier step, where it was taken. */
    easier: Easier | null;
    load: string | null;
    amount: { lo: number; hi: number };
}

/** Leads through a session: get ready, do it, rest, and so on; with a way out of everything. */
export default function Play({
    draft,
    onDraft,
    onEnd,
    onPieceOver,
}: {
    draft: Draft;
    onDraft: (draft: Draft) => void;
    onEnd: (draft: Draft) => void;
    onPieceOver: (draft: Draft) => void;
}) {
    const t = useWords();
    const voice = useVoice();
    const [phase, setPhase] = useState<Phase>("ready");
    const step = stepOf(draft);
    useEffect(() => {
        let release: (() => void) | null = null;
        let gone = false;
        const hold = () =>
            void stayAwake().then((let_go) => {
                release = let_go;
                if (gone) {
                    let_go();
                }
            });
        hold();
        const again = () => document.visibilityState === "visible" && hold();
        document.addEventListener("visibilitychange", again);
        return () => {
            gone = true;
            release?.();
            document.removeEventListener("visibilitychange", again);
            voice.hush();
        };
    }, []); // eslint-disable-line react-hooks/exhaustive-deps
    useEffect(() => {
        // The Back key pauses; it never throws away what was done.
        history.pushState({ play: true }, "");
        const back = () => {
            history.pushState({ play: true }, "");
            setPhase("paused");
        };
        window.addEventListener("popstate", back);
        return () => window.removeEventListener("popstate", back);
    }, []);
    if (step === undefined) {
        return null;
    }
    const item = itemOf(draft, step) ?? null;
    const taken = item === null ? null : doneOf(draft, item.id).instead;
    const easier = taken === null ? null : (item?.easier ?? null);
    const dose = item === null ? null : draft.session.items[String(item.id)];
    const here: Here = {
        draft,
        step,
        item,
        easier,
        load:
            step.kind === "easy"
                ? t("play.easy_round")
                : (easier?.recipe ?? (easier ? null : (dose?.recipe ?? dose?.load ?? null))),
        amount:
            easier !== null && step.kind === "set" ? { lo: easier.lo, hi: easier.hi } : { lo: step.lo, hi: step.hi },
    };
    const go = (now: Draft, rests = true) => {
        if (now.over) {
            onEnd(now);
            return;
        }
        const next = stepOf(now);
        onDraft(now);
        if (next !== undefined && step.piece !== null && next.piece !== step.piece && next.piece !== null) {
            onPieceOver(now);
            return;
        }
        setPhase(rests && step.rest > 0 ? "rest" : "ready");
    };
    const finish = (amount: number) => {
        const now = recorded(draft, amount);
        voice.low();
        // How hard it was is asked on the way to the next, or at the end.
        if (step.rest > 0 || isLastOf(now, now.at)) {
            onDraft(now);
            setPhase("rest");
        } else {
            go(onwards(now), false);
        }
    };
    const leaveOut = (now: Draft) => {
        if (item !== null) {
            go(onwards(withDone(now, item.id, { left_out: true })), false);
        }
    };
    const menu = (
        <Controls>
            <button type="button" className="home-second" onClick={() => setPhase("paused")}>
                {t("play.pause")}
            </button>
            <button type="button" className="home-stop" onClick={() => setPhase("stop")}>
                ◆ {t("play.stop")}
            </button>
            {item !== null && step.kind === "set" && (
                <button type="button" className="home-second col-span-2" onClick={() => setPhase("menu")}>
                    {t("play.more")}
                </button>
            )}
        </Controls>
    );
    switch (phase) {
        case "work":
            return <Work key={draft.at} here={here} onDone={finish} menu={menu} />;
        case "rest":
            return (
                <Rest
                    key={draft.at}
                    here={here}
                    onDraft={onDraft}
                    onOver={(now) => go(onwards(now), false)}
                    menu={menu}
                />
            );
        case "paused":
            return (
                <Screen title={t("play.paused")}>
                    <Main onPress={() => setPhase("ready")}>{t("play.resume")}</Main>
                    <button type="button" className="home-stop mt-3" onClick={() => setPhase("stop")}>
                        ◆ {t("play.stop")}
                    </button>
                </Screen>
            );
        case "menu":
            return (
                <Screen title={here.easier?.name ?? item?.name ?? ""}>
                    <Second onPress={() => setPhase("hard")}>{t("play.too_hard")}</Second>
                    <Second
                        onPress={() => {
                            if (item !== null) {
                                onDraft(withDone(draft, item.id, { easy: true }));
                            }
                            setPhase("easy");
                        }}
                    >
                        {t("play.too_easy")}
                    </Second>
                    <Second onPress={() => setPhase("hurts")}>{t("play.hurts")}</Second>
                    <Second onPress={() => leaveOut(draft)}>{t("play.leave_out")}</Second>
                    <Main onPress={() => setPhase("ready")}>{t("back")}</Main>
                </Screen>
            );
        case "hard":
            return (
                <TooHard
                    here={here}
                    onEasier={(now) => {
                        onDraft(now);
                        setPhase("ready");
                    }}
                    onLeaveOut={() => leaveOut(draft)}
                    onBack={() => setPhase("ready")}
                />
            );
        case "easy":
            return (
                <Screen title={t("play.too_easy")}>
                    <p className="home-note" role="status">
                        {t("play.easy_told")}
                    </p>
                    <Main onPress={() => setPhase("ready")}>{t("play.resume")}</Main>
                </Screen>
            );
        case "hurts":
            return (
                <Hurts
                    here={here}
                    onGoOn={(now) => {
                        onDraft(now);
                        setPhase("ready");
                    }}
                    onEase={(now) => {
                        onDraft(now);
                        setPhase("hard");
                    }}
                    onLeaveOut={leaveOut}
                    onStop={() => setPhase("stop")}
                />
            );
        case "stop":
            return (
                <StopWhy
                    signs={draft.signs}
                    onEnough={() => onEnd({ ...draft, over: true })}
                    onSign={(code) => onEnd({ ...draft, over: true, stop_sign: code })}
                    onHurts={item === null ? null : () => setPhase("hurts")}
                    onBack={() => setPhase("ready")}
                />
            );
        default:
            return <Ready key={draft.at} here={here} onBegin={() => setPhase("work")} menu={menu} />;
    }
}

/** The smaller keys below the big one; on the other side for whoever holds the phone in the left hand. */
function Controls({ children }: { children: ReactNode }) {
    return <div className="home-controls mt-3 grid gap-2">{children}</div>;
}
