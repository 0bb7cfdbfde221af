import { type Answers, againIn, type HomeNumber, lookUp, type Plan, type Row, verdictOf } from "@/home/card";
import { Call, Main, Scale, Screen, Second } from "@/home/parts";
import { useVoice, useWords } from "@/home/words";
import { useEffect, useState } from "react";

type Page =
    | { of: "seen"; key: string; ask: string }
    | { of: "pain" }
    | { of: "where" }
    | { of: "numbers" }
    | { of: "signs" }
    | { of: "which" }
    | { of: "verdict" };

/** The questions before a session, one on each page; then what to do, in one sentence. */
export default function Check({
    check,
    onJudged,
    onStart,
    onBack,
}: {
    check: Plan["check"];
    /** Each time a verdict was looked up: to be kept and sent. */
    onJudged: (answers: Answers, rows: Row[], repeat: boolean) => void;
    onStart: (answers: Answers, lighter: boolean) => void;
    onBack: () => void;
}) {
    const t = useWords();
    const [answers, setAnswers] = useState<Answers>({ repeat: false, signs: [] });
    const pages: Page[] = [
        { of: "signs" },
        ...check.seen.map((seen): Page => ({ of: "seen", key: seen.key, ask: seen.ask })),
        { of: "pain" },
        ...(check.numbers.length > 0 ? [{ of: "numbers" } as Page] : []),
    ];
    const [at, setAt] = useState(0);
    const [aside, setAside] = useState<Page | null>(null);
    const page: Page = aside ?? pages[at] ?? { of: "verdict" };
    const judge = (now: Answers) => onJudged(now, lookUp(check.rows, now), now.repeat === true);
    const next = (part: Answers, then: Page | null = null) => {
        const now = { ...answers, ...part };
        setAnswers(now);
        setAside(then);
        if (then === null) {
            setAt(at + 1);
            if (at + 1 >= pages.length) {
                judge(now);
            }
        } else if (then.of === "verdict") {
            judge(now);
        }
    };
    const back = () => (aside !== null ? setAside(null) : at === 0 ? onBack() : setAt(at - 1));
    if (page.of === "verdict") {
        return (
            <Verdict
                rows={lookUp(check.rows, answers)}
                onAgain={(enter) => {
                    // A second look is one after a wait; what was left open is only entered.
                    setAnswers({ ...answers, repeat: !enter });
                    setAside({ of: "numbers" });
                }}
                onStart={(lighter) => onStart(answers, lighter)}
                onBack={onBack}
            />
        );
    }
    return (
        <Screen title={title(page, t)}>
            {page.of !== "signs" && page.of !== "which" && (
                <p className="text-soft mt-1">
                    {t("play.of", { n: Math.min(at + 1, pages.length), of: pages.length })}
                </p>
            )}
            {page.of === "seen" && (
                <>
                    <Main onPress={() => next({ [page.key]: true })}>{t("yes")}</Main>
                    <Main onPress={() => next({ [page.key]: false })}>{t("no")}</Main>
                    <Second onPress={() => next({ [page.key]: null })}>{t("skip")}</Second>
                </>
            )}
            {page.of === "pain" && (
                <>
                    <p>{t("check.pain_ends")}</p>
                    <Scale
                        label={t("check.pain")}
                        value={typeof answers.pain === "number" ? answers.pain : null}
                        onPick={(pain) => next({ pain }, pain > 0 ? { of: "where" } : null)}
                    />
                </>
            )}
            {page.of === "where" && <Where onNext={(where) => next({ pain_where: where })} />}
            {page.of === "signs" && (
                <Signs check={check} onNone={() => next({ signs: [] })} onSome={() => setAside({ of: "which" })} />
            )}
            {page.of === "which" && (
                <Which
                    check={check}
                    onPicked={(signs) => {
                        const stops = check.signs.some((s) => s.stops && signs.includes(s.code));
                        next({ signs }, stops ? { of: "verdict" } : null);
                    }}
                />
            )}
            {page.of === "numbers" && (
                <Numbers
                    numbers={check.numbers}
                    answers={answers}
                    onNext={(typed) => next(typed, aside?.of === "numbers" ? { of: "verdict" } : null)}
                />
            )}
            <Second onPress={back}>{t("back")}</Second>
        </Screen>
    );
}

const title = (page: Page, t: ReturnType<typeof useWords>): string =>
    page.of === "seen"
        ? page.ask
        : page.of === "pain"
          ? t("check.pain")
          : page.of === "where"
            ? t("check.pain_where")
            : page.of === "signs"
              ? t("check.signs")
              : page.of === "which"
                ? t("check.signs_which")
                : t("check.numbers");

function Where({ onNext }: { onNext: (where: string) => void }) {
    const t = useWords();
    const [where, setWhere] = useState("");
    return (
        <>
            <input
                className="home-input mt-3"
                aria-label={t("check.pain_where")}
                maxLength={120}
                value={where}
                onChange={(e) => setWhere(e.target.value)}
            />
            <Main onPress={() => onNext(where.trim())}>{t("next")}</Main>
        </>
    );
}

function Signs({ check, onNone, onSome }: { check: Plan["check"]; onNone: () => void; onSome: () => void }) {
    const t = useWords();
    const voice = useVoice();
    const all = check.signs.map((s) => s.says).join("; ");
    useEffect(() => voice.read(`${t("check.signs")} ${all}`), []); // eslint-disable-line react-hooks/exhaustive-deps
    return (
        <>
            <ul className="my-3 list-disc space-y-1 pl-6">
                {check.signs.map((s) => (
                    <li key={s.code}>{s.says}</li>
                ))}
            </ul>
            <Main onPress={onNone}>{t("check.signs_none")}</Main>
            <Second onPress={onSome}>{t("check.signs_some")}</Second>
        </>
    );
}

function Which({ check, onPicked }: { check: Plan["check"]; onPicked: (signs: string[]) => void }) {
    const t = useWords();
    const [picked, setPicked] = useState<string[]>([]);
    return (
        <>
            <div className="mt-3 space-y-2">
                {check.signs.map((s) => (
                    <button
                        key={s.code}
                        type="button"
                        aria-pressed={picked.includes(s.code)}
                        className="home-second aria-pressed:bg-ink aria-pressed:text-paper"
                        onClick={() =>
                            setPicked(
                                picked.includes(s.code)
                                    ? picked.filter((code) => code !== s.code)
                                    : [...picked, s.code],
                            )
                        }
                    >
                        {s.says}
                    </button>
                ))}
            </div>
            <Main onPress={() => onPicked(picked)}>{t("check.signs_go")}</Main>
        </>
    );
}

interface FromDevice {
    usable: boolean;
    values: Record<string, string>;
}

function Numbers({
    numbers,
    answers,
    onNext,
}: {
    numbers: HomeNumber[];
    answers: Answers;
    onNext: (typed: Answers) => void;
}) {
    const t = useWords();
    const [typed, setTyped] = useState<Record<string, string>>(() =>
        Object.fromEntries(
            numbers.map((n) => [
                n.key,
                typeof answers[n.key] === "number" && answers.repeat !== true ? String(answers[n.key]) : "",
            ]),
        ),
    );
    const [faults, setFaults] = useState<Record<string, string>>({});
    const [device, setDevice] = useState("");
    const take = async () => {
        const answer = await fetch("/home/readings.json", { headers: { Accept: "application/json" } }).catch(
            () => null,
        );
        const found = answer?.ok ? ((await answer.json()) as { readings: FromDevice[] }).readings : [];
        const fresh = found.filter((r) => r.usable).reverse();
        const values = Object.assign({}, ...fresh.map((r) => r.values)) as Record<string, string>;
        const known = numbers.filter((n) => values[n.key] !== undefined);
        setDevice(known.length === 0 ? t("check.device_none") : "");
        setTyped({ ...typed, ...Object.fromEntries(known.map((n) => [n.key, String(Number(values[n.key]))])) });
    };
    const go = () => {
        const wrong: Record<string, string> = {};
        const read: Answers = {};
        for (const n of numbers) {
            const text = (typed[n.key] ?? "").trim().replace(",", ".");
            const value = Number(text);
            const ok = Number.isFinite(value) && value >= n.min && value <= n.max;
            if (text !== "" && !ok) {
                wrong[n.key] = t("check.implausible", { name: n.ask, min: n.min, max: n.max });
            }
            read[n.key] = text === "" ? null : n.tenths ? Number(value.toFixed(1)) : Math.round(value);
        }
        for (const [upper, lower] of [
            ["sbp", "dbp"],
            ["sbp_standing", "dbp_standing"],
        ] as const) {
            const [above, below] = [read[upper], read[lower]];
            if (typeof above === "number" && typeof below === "number" && below >= above) {
                wrong[lower] ??= t("check.lower");
            }
        }
        setFaults(wrong);
        if (Object.keys(wrong).length === 0) {
            onNext(read);
        }
    };
    return (
        <form
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                go();
            }}
        >
            {numbers.map((n) => (
                <label key={n.key} className="home-label mt-3">
                    {n.ask}
                    {n.unit !== "" && `, ${n.unit}`}
                    {n.hint !== "" && <span className="home-hint">{n.hint}</span>}
                    <input
                        className="home-input"
                        inputMode="decimal"
                        autoComplete="off"
                        aria-invalid={faults[n.key] !== undefined}
                        aria-describedby={`fault-${n.key}`}
                        value={typed[n.key] ?? ""}
                        onChange={(e) => setTyped({ ...typed, [n.key]: e.target.value })}
                    />
                    <span
                        id={`fault-${n.key}`}
                        role={faults[n.key] ? "alert" : undefined}
                        className="text-stop block font-bold"
                    >
                        {faults[n.key] ?? ""}
                    </span>
                </label>
            ))}
            <button type="submit" className="home-main mt-3">
                {t("next")}
            </button>
            <Second onPress={() => void take()}>{t("check.from_device")}</Second>
            <p role="status">{device}</p>
        </form>
    );
}

const MARK = { go: "○", lighter: "▽", wait: "■", not_today: "■", stop_and_call: "◆" } as const;

function Verdict({
    rows,
    onAgain,
    onStart,
    onBack,
}: {
    rows: Row[];
    onAgain: (enter: boolean) => void;
    onStart: (lighter: boolean) => void;
    onBack: () => void;
}) {
    const t = useWords();
    const voice = useVoice();
    const verdict = verdictOf(rows);
    const worst = rows.filter((row) => row.verdict === verdict);
    const lines = [...new Set(worst.map((row) => row.says))];
    const minutes = againIn(rows);
    const [until] = useState(() => Date.now() + (minutes ?? 0) * 60_000);
    const [left, setLeft] = useState(() => (minutes ?? 0) * 60);
    useEffect(() => {
        voice.read([t(`check.title_of.${verdict}`), ...lines].join(" "));
        const timer = setInterval(() => setLeft(Math.max(0, Math.ceil((until - Date.now()) / 1000))), 1000);
        return () => clearInterval(timer);
    }, []); // eslint-disable-line react-hooks/exhaustive-deps
    const stops = verdict === "stop_and_call" || verdict === "not_today";
    return (
        <Screen title={`${MARK[verdict]} ${t(`check.title_of.${verdict}`)}`}>
            <div role="status" className={stops ? "home-alert" : "home-note"}>
                {lines.map((line) => (
                    <p key={line}>{line}</p>
                ))}
                {verdict === "go" && <p>{t("check.go_says")}</p>}
                {verdict === "lighter" && <p>{t("check.lighter_says")}</p>}
            </div>
            {stops && (
                <>
                    <Call urgent={worst.some((row) => row.verdict === "stop_and_call" && row.urgency === "call_now")} />
                    <p className="mt-3">{t("check.told")}</p>
                </>
            )}
            {verdict === "wait" && minutes === null && <Main onPress={() => onAgain(true)}>{t("check.enter_it")}</Main>}
            {verdict === "wait" && minutes !== null && (
                <>
                    <p className="mt-3 text-center text-2xl" role="timer">
                        {t("check.again_in")} {Math.floor(left / 60)}:{String(left % 60).padStart(2, "0")}
                    </p>
                    <Main disabled={left > 0} onPress={() => onAgain(false)}>
                        {t("check.again")}
                    </Main>
                </>
            )}
            {(verdict === "go" || verdict === "lighter") && (
                <Main onPress={() => onStart(verdict === "lighter")}>{t("start")}</Main>
            )}
            <Second onPress={onBack}>{t("close")}</Second>
        </Screen>
    );
}
