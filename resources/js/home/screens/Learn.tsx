import type { HomeItem, Plan } from "@/home/card";
import { Lines, Main, Moving, Screen, Second } from "@/home/parts";
import { useVoice, useWords } from "@/home/words";
import { useState } from "react";

/** How each goes, before it is done: picture it first, do it once, look whether it is right; with the target, later without. */
export default function Learn({
    plan,
    practised,
    onPractised,
    onBack,
}: {
    plan: Plan;
    practised: number[];
    onPractised: (id: number) => void;
    onBack: () => void;
}) {
    const t = useWords();
    const [id, setId] = useState<number | null>(null);
    const item = id === null ? undefined : plan.items[String(id)];
    if (item !== undefined) {
        return (
            <One
                key={item.id}
                item={item}
                onDone={() => {
                    onPractised(item.id);
                    setId(null);
                }}
                onBack={() => setId(null)}
            />
        );
    }
    return (
        <Screen title={t("learn.title")}>
            <p>{t("learn.says")}</p>
            {Object.values(plan.items).map((one) => (
                <Second key={one.id} onPress={() => setId(one.id)}>
                    {one.name}
                    {practised.includes(one.id) && ` · ${t("learn.practised")}`}
                </Second>
            ))}
            <Main onPress={onBack}>{t("back")}</Main>
        </Screen>
    );
}

function One({ item, onDone, onBack }: { item: HomeItem; onDone: () => void; onBack: () => void }) {
    const t = useWords();
    const voice = useVoice();
    const [seen, setSeen] = useState<string[]>([]);
    return (
        <Screen title={item.name}>
            <Moving data={item.figure} label={item.name} />
            {item.picture !== null && item.picture !== "" && (
                <p className="home-note">
                    <b>{t("play.picture")}.</b> {item.picture} {t("play.picture_says")}
                </p>
            )}
            <p>{item.set_up}</p>
            <Lines of={item.cues} />
            {item.target !== null && (
                <p className="mt-2">
                    <b>{t("play.touch")}:</b> {item.target}
                </p>
            )}
            {item.fade !== null && item.fade !== "" && (
                <p>
                    <b>{t("play.later")}:</b> {item.fade}
                </p>
            )}
            {item.looks.length > 0 && (
                <section className="mt-3">
                    <h2 className="text-xl font-bold">{t("play.look")}</h2>
                    <p>{t("learn.check")}</p>
                    {item.looks.map((look) => (
                        <div key={look.code}>
                            <button
                                type="button"
                                aria-pressed={seen.includes(look.code)}
                                className="home-second aria-pressed:bg-ink aria-pressed:text-paper mt-2"
                                onClick={() =>
                                    setSeen(
                                        seen.includes(look.code)
                                            ? seen.filter((code) => code !== look.code)
                                            : [...seen, look.code],
                                    )
                                }
                            >
                                {look.sees}
                            </button>
                            {seen.includes(look.code) && (
                                <p role="status" className="home-note">
                                    {t("learn.cue")} {look.cue}
                                </p>
                            )}
                        </div>
                    ))}
                </section>
            )}
            <Second onPress={() => voice.read([item.name, item.set_up, ...item.cues].join(". "))}>
                {t("set.voice")}
            </Second>
            <Main onPress={onDone}>{t("learn.practised")}</Main>
            <Second onPress={onBack}>{t("back")}</Second>
        </Screen>
    );
}
