import type { Card, Plan } from "@/home/card";
import type { Draft } from "@/home/draft";
import { Call, Lines, Main, Screen, Second } from "@/home/parts";
import { useWords } from "@/home/words";

const MARK = { done: "●", planned: "○", rest: "·" } as const;

export type Shut = { says: string; call: boolean } | null;

/** Where the page begins: what today holds, and one big key. */
export default function Start({
    card,
    plan,
    today,
    shut,
    draft,
    doneToday,
    mayAnyway,
    onStart,
    onResume,
    onSendAsIs,
    onGo,
    status,
}: {
    card: Card;
    plan: Plan | null;
    today: string;
    shut: Shut;
    draft: Draft | null;
    doneToday: boolean;
    mayAnyway: boolean;
    onStart: () => void;
    onResume: () => void;
    onSendAsIs: () => void;
    onGo: (screen: "tell" | "settings" | "learn") => void;
    status: string[];
}) {
    const t = useWords();
    const day = plan?.days.find((d) => d.on === today) ?? null;
    const session = day === null || plan === null ? null : (plan.sessions[day.session]?.whole ?? null);
    const next = plan?.days.find((d) => d.on > today && d.planned) ?? null;
    // Another day has another check before it: what was begun then is sent, not gone on with.
    const old = draft !== null && draft.on !== today;
    const piece = draft?.session.steps[draft.at]?.piece ?? null;
    const pieces = Math.max(0, ...(draft?.session.steps.map((s) => s.piece ?? 0) ?? []));
    const planned = card.week.filter((d) => d.state !== "rest").length;
    return (
        <Screen title={t("hello", { name: card.name })} quiet>
            {status.map((line) => (
                <p key={line} role="status" className="home-note">
                    {line}
                </p>
            ))}
            {card.line !== null && (
                <p className="home-note">
                    <b>{t("from_clinic")}:</b> {card.line}
                </p>
            )}
            {shut !== null && (
                <>
                    <p role="status" className="home-alert">
                        {shut.says}
                    </p>
                    {shut.call && <Call urgent={false} />}
                </>
            )}
            {draft !== null && (
                <>
                    <p className="mt-3 text-xl">
                        {shut !== null
                            ? t("kept_says")
                            : old
                              ? t("old_says")
                              : piece !== null && draft.at > 0
                                ? t("piece_next", { piece, of: pieces })
                                : t("go_on_says")}
                    </p>
                    {!old && shut === null && <Main onPress={onResume}>{t("go_on")}</Main>}
                    <Second onPress={onSendAsIs}>{t("send_as_is")}</Second>
                </>
            )}
            {draft === null && shut === null && session !== null && day !== null && (
                <>
                    {doneToday ? (
                        <p className="mt-3 text-xl">{t("done_today")}</p>
                    ) : day.planned ? (
                        <p className="mt-3 text-xl">
                            {t("today")}: {t("exercises", { count: Object.keys(session.items).length })},{" "}
                            {t("minutes", { minutes: session.minutes })}
                        </p>
                    ) : (
                        <p className="mt-3 text-xl">{t("rest_day")}</p>
                    )}
                    {day.easier && <p>{t("easier_week")}</p>}
                    {!doneToday && day.planned && <Main onPress={onStart}>{t("start")}</Main>}
                    {next !== null && (doneToday || !day.planned) && <p>{t("next_day", { day: next.name })}</p>}
                    {!day.planned && mayAnyway && <Second onPress={onStart}>{t("anyway")}</Second>}
                </>
            )}
            <section aria-label={t("week")} className="mt-6">
                <h2 className="text-xl font-bold">{t("week")}</h2>
                <ol className="mt-1 grid grid-cols-7 gap-1 text-center">
                    {card.week.map((d) => (
                        <li key={d.on} className={d.on === today ? "border-ink rounded-lg border-2" : ""}>
                            <span aria-hidden="true" className="block text-sm">
                                {d.name.slice(0, 2)}
                            </span>
                            <span aria-hidden="true" className="block text-2xl">
                                {MARK[d.state]}
                            </span>
                            <span className="sr-only">
                                {d.name}: {t(`week_${d.state}`)}
                            </span>
                        </li>
                    ))}
                </ol>
                <p>{t("week_count", { done: card.week.filter((d) => d.state === "done").length, planned })}</p>
            </section>
            <nav className="mt-4">
                {plan !== null && shut === null && <Second onPress={() => onGo("learn")}>{t("learn.title")}</Second>}
                <Second onPress={() => onGo("tell")}>{t("tell.title")}</Second>
                <Second onPress={() => onGo("settings")}>{t("set.title")}</Second>
            </nav>
            {card.unread !== null && <p className="text-soft mt-4">{card.unread}</p>}
            {plan !== null && (
                <details className="mt-4">
                    <summary className="min-h-14 py-3 text-xl font-bold">{plan.stop.says}</summary>
                    <Lines of={plan.stop.signs} />
                    <p className="mt-2 font-bold">{plan.refer.says}</p>
                    <Lines of={plan.refer.signs} />
                    <p className="mt-2">{plan.pain_says}</p>
                </details>
            )}
        </Screen>
    );
}
