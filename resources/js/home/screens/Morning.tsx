import { Main, Scale, Screen, Second } from "@/home/parts";
import { useWords } from "@/home/words";
import { useState } from "react";

/** The morning after a session: one question. */
export default function Morning({
    before,
    onTell,
    onSkip,
}: {
    before: number | null;
    onTell: (pain: number) => void;
    onSkip: () => void;
}) {
    const t = useWords();
    const [pain, setPain] = useState<number | null>(null);
    return (
        <Screen title={t("morning.title")}>
            <p className="text-xl">{t("morning.ask")}</p>
            <p>{t("check.pain_ends")}</p>
            <Scale label={t("morning.ask")} value={pain} onPick={setPain} />
            {pain !== null && (
                <p role="status" className="home-note">
                    {pain > (before ?? 0) ? t("morning.worse") : t("morning.thanks")}
                </p>
            )}
            <Main disabled={pain === null} onPress={() => onTell(pain ?? 0)}>
                {t("next")}
            </Main>
            <Second onPress={onSkip}>{t("skip")}</Second>
        </Screen>
    );
}
