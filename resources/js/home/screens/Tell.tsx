import type { Card } from "@/home/card";
import { Call, Choose, Main, Screen, Second } from "@/home/parts";
import { useWords } from "@/home/words";
import { useState } from "react";

/** A question, or a change, to the clinic; and what was answered. */
export default function Tell({
    card,
    onTell,
    onBack,
}: {
    card: Card;
    onTell: (kind: string, says: string) => Promise<void>;
    onBack: () => void;
}) {
    const t = useWords();
    const [kind, setKind] = useState<string | null>(null);
    const [says, setSays] = useState("");
    const [fault, setFault] = useState("");
    const [kept, setKept] = useState(false);
    if (kept) {
        return (
            <Screen title={t("tell.title")}>
                <p role="status" className="home-note">
                    {t("tell.kept")}
                </p>
                <Main onPress={onBack}>{t("close")}</Main>
                <Call urgent={kind === "fell"} />
            </Screen>
        );
    }
    const tell = () => {
        if (kind === null || says.trim() === "") {
            setFault(t("tell.empty"));
            return;
        }
        void onTell(kind, says.trim()).then(() => setKept(true));
    };
    return (
        <Screen title={t("tell.title")}>
            <h2 className="mt-3 text-xl font-bold">{t("tell.kind")}</h2>
            <Choose label={t("tell.kind")} options={card.kinds} value={kind} onPick={setKind} />
            {kind === "fell" && (
                <>
                    <p className="home-alert">{t("tell.fell_ask")}</p>
                    <Call urgent />
                </>
            )}
            <label className="home-label mt-3">
                {t("tell.says")}
                <textarea
                    className="home-input"
                    rows={3}
                    maxLength={1000}
                    aria-invalid={fault !== ""}
                    value={says}
                    onChange={(e) => setSays(e.target.value)}
                />
            </label>
            {fault !== "" && (
                <p role="alert" className="home-alert">
                    {fault}
                </p>
            )}
            <Main onPress={tell}>{t("tell.send")}</Main>
            <Second onPress={onBack}>{t("back")}</Second>
            {card.messages.map((m) => (
                <div key={m.on + m.says} className="home-note">
                    <p>
                        <b>{t("tell.asked")}:</b> {m.says} ({m.on})
                    </p>
                    <p>
                        <b>{t("tell.answered")}:</b> {m.answer ?? t("tell.unanswered")}
                    </p>
                </div>
            ))}
        </Screen>
    );
}
