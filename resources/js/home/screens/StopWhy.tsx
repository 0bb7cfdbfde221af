import { Main, Screen, Second } from "@/home/parts";
import { useWords } from "@/home/words";
import { useState } from "react";

/** Stop: enough for today, a pain, or one of the warning signs; the last ends it at once. */
export default function StopWhy({
    signs,
    onEnough,
    onSign,
    onHurts,
    onBack,
}: {
    signs: { code: string; says: string }[];
    onEnough: () => void;
    onSign: (code: string) => void;
    onHurts: (() => void) | null;
    onBack: () => void;
}) {
    const t = useWords();
    const [which, setWhich] = useState(false);
    if (which) {
        return (
            <Screen title={t("play.stop_sign")}>
                <p className="home-alert">{t("play.sign_says")}</p>
                {signs.map((sign) => (
                    <Second key={sign.code} onPress={() => onSign(sign.code)}>
                        {sign.says}
                    </Second>
                ))}
                <Main onPress={() => setWhich(false)}>{t("back")}</Main>
            </Screen>
        );
    }
    return (
        <Screen title={t("play.stop_title")}>
            <button type="button" className="home-stop mt-3" onClick={() => setWhich(true)}>
                ◆ {t("play.stop_sign")}
            </button>
            {onHurts !== null && <Second onPress={onHurts}>{t("play.stop_pain")}</Second>}
            <Second onPress={onEnough}>{t("play.stop_tired")}</Second>
            <Main onPress={onBack}>{t("play.stop_back")}</Main>
        </Screen>
    );
}
