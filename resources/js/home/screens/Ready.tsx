import { Lines, Main, Moving, Screen } from "@/home/parts";
import type { Here } from "@/home/screens/Play";
import { HomeContext, type Say, useVoice, useWords } from "@/home/words";
import { type ReactNode, useContext, useEffect, useState } from "react";

/** Seconds to get there before a set begins by itself. */
const BY_ITSELF = 15;

/** Is this the same exercise as the step before, so that nothing has to be set up? */
const goesOn = ({ draft, step }: Here): boolean => {
    const before = draft.session.steps[draft.at - 1];
    return before !== undefined && before.item === step.item && before.kind === step.kind;
};

/** What to do next: set it up, see how it goes, begin. */
export default function Ready({ here, onBegin, menu }: { here: Here; onBegin: () => void; menu: ReactNode }) {
    const t = useWords();
    const voice = useVoice();
    const { prefs } = useContext(HomeContext);
    const { step, item, easier, draft } = here;
    const name = step.kind === "march" ? t("play.march") : (easier?.name ?? item?.name ?? "");
    const side = step.side === "both" ? "" : t(`play.${step.side}`);
    const again = goesOn(here);
    const [left, setLeft] = useState(again ? 5 : BY_ITSELF);
    const alone = prefs.auto || again;
    const says = [
        step.kind === "ramp" ? t("play.lighter_set", { load: step.load ?? "" }) : "",
        amountSays(here, t),
        here.load ?? "",
    ].filter((line) => line !== "");
    const setUp = easier?.set_up ?? item?.set_up ?? "";
    const cues = easier?.cues ?? item?.cues ?? [];
    const changes = easier?.changes ?? item?.changes ?? [];
    useEffect(() => {
        voice.read([name, side, ...says, again ? "" : setUp, ...changes, again ? "" : cues.join(" ")].join(". "));
        if (!alone) {
            return undefined;
        }
        const began = performance.now();
        const whole = left;
        const timer = setInterval(() => {
            const now = Math.max(0, Math.ceil(whole - (performance.now() - began) / 1000));
            setLeft(now);
            if (now === 0) {
                clearInterval(timer);
                onBegin();
            }
        }, 200);
        return () => clearInterval(timer);
    }, []); // eslint-disable-line react-hooks/exhaustive-deps
    return (
        <Screen title={`${name}${side === "" ? "" : `, ${side}`}`}>
            <Progress here={here} />
            {item !== null && <Moving data={easier?.figure ?? item.figure} label={name} />}
            <p className="text-2xl font-bold">{says.join(" · ")}</p>
            {step.kind === "set" && step.of > 1 && <p>{t("play.round", { set: step.set, of: step.of })}</p>}
            {!again && <p className="mt-1">{setUp}</p>}
            {changes.map((line) => (
                <p key={line} className="font-bold">
                    {line}
                </p>
            ))}
            <Main onPress={onBegin}>
                {side === "" ? t("play.begin") : t("play.begin_side", { side })}
                {alone && ` (${left})`}
            </Main>
            {menu}
            {item !== null && (
                <section className="mt-5 space-y-3">
                    {again && <p>{setUp}</p>}
                    {item.own_set_up !== null && <p>{item.own_set_up}</p>}
                    {item.helper !== null && (
                        <p>
                            <b>{t("play.helper")}:</b> {item.helper}
                        </p>
                    )}
                    {item.note !== null && <p className="home-note">{item.note}</p>}
                    <h2 className="text-xl font-bold">{t("play.how")}</h2>
                    <Lines of={cues} />
                    {easier === null && <More here={here} />}
                    {item.pause_says !== "" && <p>{item.pause_says}</p>}
                </section>
            )}
            {draft.lighter && <p className="mt-3">{t("check.lighter_says")}</p>}
        </Screen>
    );
}

function More({ here }: { here: Here }) {
    const t = useWords();
    const item = here.item;
    if (item === null) {
        return null;
    }
    const lines: [string, string | null][] = [
        ["play.picture", item.picture],
        ["play.touch", item.target],
        ["play.later", item.fade],
        ["play.feel", item.feel],
    ];
    return (
        <>
            {lines.map(
                ([key, says]) =>
                    says !== null &&
                    says !== "" && (
                        <p key={key}>
                            <b>{t(key)}:</b> {says}
                        </p>
                    ),
            )}
            {item.mistakes.length > 0 && (
                <>
                    <h2 className="text-xl font-bold">{t("play.watch_for")}</h2>
                    <Lines of={item.mistakes} />
                </>
            )}
        </>
    );
}

/** How much it is, in words. */
export const amountSays = ({ step, item, easier }: Here, t: Say): string => {
    const kind = step.kind === "easy" ? "reps" : step.kind === "march" ? "seconds" : (easier?.kind ?? item?.kind);
    const once = step.kind === "set" && easier !== null ? easier.once : step.says;
    return kind === "reps" ? `${once} ${t("play.reps")}` : once;
};

/** How far the session is: exercises in steps, never by colour alone. */
export function Progress({ here }: { here: Here }) {
    const t = useWords();
    const order = [...new Set(here.draft.session.steps.flatMap((s) => (s.item === null ? [] : [s.item])))];
    const at = here.step.item === null ? 0 : order.indexOf(here.step.item) + 1;
    if (at === 0) {
        return null;
    }
    return (
        <>
            <p className="text-soft">
                {t(`play.part.${here.step.part}`)} · {t("play.of", { n: at, of: order.length })}
            </p>
            <div aria-hidden="true" className="mt-1 flex gap-1">
                {order.map((id, i) => (
                    <span key={id} className={`h-2 flex-1 rounded-full ${i < at ? "bg-water" : "bg-sand"}`} />
                ))}
            </div>
        </>
    );
}
