import { type Draft, type Ending, rated, unrated } from "@/home/draft";
import { Call, Choose, Lines, Main, Scale, Screen } from "@/home/parts";
import { useVoice, useWords } from "@/home/words";
import { useEffect, useState } from "react";

/** After a session, on one screen: how it was, how much it hurts, a word; and what nobody has rated yet. */
export default function After({
    draft,
    after,
    onFinish,
}: {
    draft: Draft;
    after: string[];
    onFinish: (draft: Draft, ending: Ending) => void;
}) {
    const t = useWords();
    const voice = useVoice();
    const [now, setNow] = useState(draft);
    const [whole, setWhole] = useState<string | null>(null);
    const [pain, setPain] = useState<number | null>(null);
    const [note, setNote] = useState("");
    const [missing] = useState(() => unrated(draft));
    const title = draft.stop_sign === null ? t("after.title") : t("play.sign_says");
    useEffect(() => voice.read(title), []); // eslint-disable-line react-hooks/exhaustive-deps
    return (
        <Screen title={title}>
            {draft.stop_sign !== null && (
                <>
                    <Call urgent />
                    <p className="home-alert">{t("shut.stopped")}</p>
                </>
            )}
            {missing.map((item) => (
                <section key={item.id}>
                    <h2 className="mt-3 text-xl font-bold">{t("after.missing", { name: item.name })}</h2>
                    <Choose
                        label={t("after.missing", { name: item.name })}
                        options={item.hard.map((code): [string, string] => [code, t(`play.hard.${code}`)])}
                        value={now.done[String(item.id)]?.sets.at(-1)?.how ?? null}
                        onPick={(how) => setNow(rated(now, item.id, how))}
                    />
                </section>
            ))}
            <h2 className="mt-3 text-xl font-bold">{t("after.whole")}</h2>
            <Choose
                label={t("after.whole")}
                options={["as_usual", "harder", "easier"].map((code): [string, string] => [code, t(`after.${code}`)])}
                value={whole}
                onPick={setWhole}
            />
            <h2 className="mt-3 text-xl font-bold">{t("after.pain")}</h2>
            <Scale label={t("after.pain")} value={pain} onPick={setPain} />
            <label className="home-label mt-3">
                {t("after.note")}
                <textarea
                    className="home-input"
                    rows={2}
                    maxLength={300}
                    value={note}
                    onChange={(e) => setNote(e.target.value)}
                />
            </label>
            {after.length > 0 && (
                <section className="home-note">
                    <h2 className="font-bold">{t("after.watch")}</h2>
                    <Lines of={after} />
                </section>
            )}
            <Main onPress={() => onFinish(now, { whole, pain_after: pain, note: note.trim(), skipped: null })}>
                {t("after.send")}
            </Main>
        </Screen>
    );
}
