import type { Answers, Card, Plan, Row } from "@/home/card";
import { verdictOf } from "@/home/card";
import { begin, type Draft, type Ending, sent, UNSAID } from "@/home/draft";
import { Call, Main, Screen } from "@/home/parts";
import After from "@/home/screens/After";
import Check from "@/home/screens/Check";
import Learn from "@/home/screens/Learn";
import Morning from "@/home/screens/Morning";
import Play from "@/home/screens/Play";
import Settings from "@/home/screens/Settings";
import Start, { type Shut } from "@/home/screens/Start";
import Tell from "@/home/screens/Tell";
import {
    enqueue,
    fetchCard,
    keep,
    kept,
    type Local,
    LOCAL,
    type Prefs,
    PREFS,
    send,
    waiting,
    wipe,
} from "@/home/store";
import { HomeContext, type Say } from "@/home/words";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";

/** What this phone knew before anything was fetched. */
export interface Begins {
    card: Card | null;
    draft: Draft | null;
    prefs: Prefs;
    local: Local;
}

export async function readPhone(): Promise<Begins> {
    const [card, draft, prefs, local] = await Promise.all([kept("card"), kept("draft"), kept("prefs"), kept("local")]);
    return {
        card: card ?? null,
        draft: draft ?? null,
        prefs: { ...PREFS, ...prefs },
        local: { ...LOCAL, ...local },
    };
}

type ScreenName = "start" | "morning" | "check" | "play" | "piece" | "after" | "tell" | "settings" | "learn";

/** The day where the clinic is, by the clinic's clock as far as this phone has heard of it. */
const dayIn = (zone: string, offset: number): string =>
    new Intl.DateTimeFormat("en-CA", { timeZone: zone, year: "numeric", month: "2-digit", day: "2-digit" }).format(
        new Date(Date.now() + offset),
    );

const dayBefore = (day: string): string => {
    const at = new Date(`${day}T12:00:00Z`);
    at.setUTCDate(at.getUTCDate() - 1);
    return at.toISOString().slice(0, 10);
};

const fill =
    (words: Record<string, string>): Say =>
    (key, with_ = {}) =>
        Object.entries(with_).reduce((says, [k, v]) => says.replaceAll(`:${k}`, String(v)), words[key] ?? key);

/** The page at home: what is kept on the phone, what was fetched, and which screen is on. */
export default function App({ fallback, begins }: { fallback: Record<string, string>; begins: Begins }) {
    const [card, setCard] = useState(begins.card);
    const [draft, setDraftState] = useState(begins.draft);
    const [prefs, setPrefs] = useState(begins.prefs);
    const [local, setLocal] = useState(begins.local);
    const [closed, setClosed] = useState(false);
    const [online, setOnline] = useState(true);
    const [left, setLeft] = useState({ waiting: 0, refused: 0 });
    const [screen, setScreen] = useState<ScreenName>("start");
    const localNow = useRef(local);
    const redFlag = useCallback((): Partial<Local> => ({ stopped: Date.now() }), []);
    const changeLocal = useCallback((part: Partial<Local>) => {
        localNow.current = { ...localNow.current, ...part };
        setLocal(localNow.current);
        void keep("local", localNow.current);
    }, []);
    const setDraft = (now: Draft | null) => {
        setDraftState(now);
        void keep("draft", now);
    };

    /** Sends what waits, and then asks for the newest card. */
    const sync = useCallback(async () => {
        const result = await send();
        if (result.planChanged) {
            changeLocal({ planChanged: true });
        }
        const began = Date.now();
        const all = await waiting();
        setLeft({ waiting: all.filter((w) => !w.refused).length, refused: all.filter((w) => w.refused).length });
        const fresh = await fetchCard();
        if (fresh === "closed" || result.closed) {
            setClosed(true);
            await wipe();
            return;
        }
        setOnline(fresh !== null);
        if (fresh !== null) {
            const { whose } = localNow.current;
            if (whose !== null && whose !== fresh.whose) {
                const theirs = await kept("draft");
                if (theirs) {
                    await enqueue(whose, "/home/sessions", sent(theirs, UNSAID), theirs.key);
                }
                setDraftState(null);
                void keep("draft", null);
                changeLocal(LOCAL);
                setScreen("start");
            }
            changeLocal({ whose: fresh.whose });
            setCard(fresh);
            void keep("card", fresh);
            const offset = new Date(fresh.now).getTime() - (began + Date.now()) / 2;
            // A red flag that was told here is lifted by the clinic alone: by a card that was asked for after the flag,
            // and after everything that was done here had arrived.
            const { stopped } = localNow.current;
            const lifts = stopped !== null && stopped < began && all.length === 0;
            changeLocal({ offset, ...(lifts ? { stopped: null } : {}) });
        }
    }, [changeLocal]);

    useEffect(() => {
        const first = setTimeout(() => void sync());
        const again = () => document.visibilityState === "visible" && void sync();
        window.addEventListener("online", again);
        document.addEventListener("visibilitychange", again);
        return () => {
            clearTimeout(first);
            window.removeEventListener("online", again);
            document.removeEventListener("visibilitychange", again);
        };
    }, [sync]);

    useEffect(() => {
        const root = document.documentElement;
        root.classList.toggle("larger", prefs.size === "larger");
        root.classList.toggle("largest", prefs.size === "largest");
        root.classList.toggle("strong", prefs.strong);
        root.classList.toggle("left-hand", prefs.left);
    }, [prefs]);

    const words = card?.words ?? fallback;
    const t = useMemo(() => fill(words), [words]);
    const context = useMemo(
        () => ({ words, prefs, clinic: card?.clinic ?? { name: "", phone: null, emergency: null } }),
        [words, prefs, card],
    );
    if (closed || card === null) {
        return (
            <HomeContext value={context}>
                <Screen title={t(closed ? "shut.link" : online ? "title" : "shut.nothing")}>
                    {closed && (
                        <>
                            <Call urgent={false} />
                            <Main onPress={() => location.assign("/home/door")}>{t("door.open")}</Main>
                        </>
                    )}
                </Screen>
            </HomeContext>
        );
    }
    const plan: (Card & Plan) | null = card.shut === null ? (card as Card & Plan) : null;
    const today = dayIn(card.zone, local.offset);
    const shut = shutOf(card, plan, local, today, t);
    const doneDays = [...card.week.filter((d) => d.state === "done").map((d) => d.on), ...local.done];
    const day = plan?.days.find((d) => d.on === today) ?? null;
    const status = [
        ...(online ? [] : [t("offline")]),
        ...(left.waiting > 0 ? [t("waiting", { count: left.waiting })] : []),
        ...(left.refused > 0 ? [t("refused")] : []),
        ...(local.planChanged ? [t("plan_changed")] : []),
    ];
    const judged = (answers: Answers, rows: Row[], repeat: boolean) => {
        const of = (keys: string[]) => Object.fromEntries(keys.map((key) => [key, answers[key] ?? null]));
        const numbers = of(plan?.check.numbers.map((n) => n.key) ?? []);
        const seen = of(plan?.check.seen.map((s) => s.key) ?? []);
        const verdict = verdictOf(rows);
        void enqueue(localNow.current.whose, "/home/checks", {
            on: today,
            repeat,
            signs: answers.signs,
            pain: answers.pain ?? null,
            numbers,
            seen,
        }).then(sync);
        if (verdict === "not_today" || verdict === "stop_and_call") {
            const says = [...new Set(rows.filter((r) => r.verdict === verdict).map((r) => r.says))].join(" ");
            // A red flag holds on other days too, until the clinic's answer has come: without a signal nobody lifts it.
            changeLocal({
                checked: { on: today, verdict, says },
                ...(verdict === "stop_and_call" ? redFlag() : {}),
            });
        }
    };
    const finish = async (now: Draft, ending: Ending) => {
        await enqueue(localNow.current.whose, "/home/sessions", sent(now, ending), now.key);
        changeLocal({
            done: [...local.done.slice(-20), now.on],
            planChanged: false,
            ...(now.stop_sign === null ? {} : redFlag()),
        });
        setDraft(null);
        setScreen("start");
        await sync();
    };
    const asksMorning = card.last?.ask === true && !local.asked.includes(card.last.key);
    return (
        <HomeContext value={context}>
            {screen === "start" && asksMorning && card.last !== null ? (
                <Morning
                    before={card.last.pain}
                    onTell={(pain) => {
                        const session = card.last?.key ?? "";
                        changeLocal({ asked: [...local.asked.slice(-20), session] });
                        void enqueue(localNow.current.whose, "/home/morning", { session, pain }).then(sync);
                    }}
                    onSkip={() => changeLocal({ asked: [...local.asked.slice(-20), card.last?.key ?? ""] })}
                />
            ) : screen === "start" ? (
                <Start
                    card={card}
                    plan={plan}
                    today={today}
                    shut={shut}
                    draft={draft}
                    doneToday={doneDays.includes(today)}
                    mayAnyway={!doneDays.includes(today) && !doneDays.includes(dayBefore(today))}
                    onStart={() => setScreen("check")}
                    onResume={() => setScreen(draft?.over === true ? "after" : "play")}
                    onSendAsIs={() => setScreen("after")}
                    onGo={setScreen}
                    status={status}
                />
            ) : screen === "check" && plan !== null && day !== null ? (
                <Check
                    check={plan.check}
                    onJudged={judged}
                    onStart={(answers, lighter) => {
                        setDraft(begin(plan, day.session, today, lighter, answers));
                        setScreen("play");
                    }}
                    onBack={() => setScreen("start")}
                />
            ) : screen === "play" && draft !== null ? (
                <Play
                    draft={draft}
                    onDraft={setDraft}
                    onEnd={(now) => {
                        setDraft(now);
                        setScreen("after");
                    }}
                    onPieceOver={(now) => {
                        setDraft(now);
                        setScreen("start");
                    }}
                />
            ) : screen === "after" && draft !== null ? (
                <After draft={draft} after={plan?.around.after ?? []} onFinish={(now, end) => void finish(now, end)} />
            ) : screen === "tell" ? (
                <Tell
                    card={card}
                    onTell={async (kind, says) => {
                        await enqueue(localNow.current.whose, "/home/messages", { kind, says });
                        await sync();
                    }}
                    onBack={() => setScreen("start")}
                />
            ) : screen === "settings" ? (
                <Settings
                    prefs={prefs}
                    onPrefs={(now) => {
                        setPrefs(now);
                        void keep("prefs", now);
                    }}
                    onBack={() => setScreen("start")}
                />
            ) : screen === "learn" && plan !== null ? (
                <Learn
                    plan={plan}
                    practised={local.practised}
                    onPractised={(id) => changeLocal({ practised: [...new Set([...local.practised, id])] })}
                    onBack={() => setScreen("start")}
                />
            ) : (
                <Screen title={t("title")}>
                    <Main onPress={() => setScreen("start")}>{t("back")}</Main>
                </Screen>
            )}
        </HomeContext>
    );
}

/** Why nothing begins now; null where it may. */
function shutOf(card: Card, plan: Plan | null, local: Local, today: string, t: Say): Shut {
    if (plan === null) {
        return { says: t(`shut.${card.shut ?? "none"}`), call: true };
    }
    if (local.checked !== null && local.checked.on === today) {
        return { says: `${t(`check.title_of.${local.checked.verdict}`)} ${local.checked.says}`, call: true };
    }
    if (local.stopped !== null) {
        return { says: t("shut.stopped"), call: true };
    }
    if (today >= plan.closes.on) {
        return { says: t(`shut.closed_${plan.closes.for}`), call: true };
    }
    return null;
}
