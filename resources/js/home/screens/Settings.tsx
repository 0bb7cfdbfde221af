import { Choose, Main, Screen, Second } from "@/home/parts";
import { forget, post, type Prefs } from "@/home/store";
import { canSpeak } from "@/home/voice";
import { useWords } from "@/home/words";
import { useState } from "react";

/** How big, how it sounds, which hand; and taking the page off this phone. */
export default function Settings({
    prefs,
    onPrefs,
    onBack,
}: {
    prefs: Prefs;
    onPrefs: (prefs: Prefs) => void;
    onBack: () => void;
}) {
    const t = useWords();
    const toggle = (key: "strong" | "voice" | "tones" | "auto" | "left" | "still", says: string) => (
        <button
            key={key}
            type="button"
            aria-pressed={prefs[key]}
            className="home-second mt-2 justify-between"
            onClick={() => onPrefs({ ...prefs, [key]: !prefs[key] })}
        >
            <span>{says}</span>
            <b>{prefs[key] ? t("set.on") : t("set.off")}</b>
        </button>
    );
    return (
        <Screen title={t("set.title")}>
            <h2 className="mt-3 text-xl font-bold">{t("set.size")}</h2>
            <Choose
                label={t("set.size")}
                options={(["large", "larger", "largest"] as const).map((s): [string, string] => [s, t(`set.${s}`)])}
                value={prefs.size}
                onPick={(size) => onPrefs({ ...prefs, size: size as Prefs["size"] })}
            />
            <div className="mt-4">
                {toggle("strong", t("set.contrast"))}
                {canSpeak() ? toggle("voice", t("set.voice")) : <p className="mt-2">{t("set.no_voice")}</p>}
                {toggle("tones", t("set.tones"))}
                {toggle("auto", t("set.auto"))}
                <p className="text-soft">{t("set.auto_says")}</p>
                {toggle("left", t("set.left"))}
                {toggle("still", t("set.still"))}
            </div>
            <a className="home-second mt-3" href="/home/exercises.ics">
                {t("set.reminders")}
            </a>
            <OwnPin />
            <p className="mt-4">{t("set.install")}</p>
            <Forget />
            <Main onPress={onBack}>{t("back")}</Main>
        </Screen>
    );
}

function OwnPin() {
    const t = useWords();
    const [pin, setPin] = useState("");
    const [says, setSays] = useState("");
    const choose = async () => {
        if (pin.replace(/[\s.-]/g, "").length < 6) {
            setSays(t("set.pin_short"));
            return;
        }
        const answer = await post("/home/pin", { pin });
        setSays(answer?.ok ? t("set.pin_saved") : t("offline"));
        setPin("");
    };
    return (
        <details className="mt-3">
            <summary className="min-h-14 py-3 text-xl">{t("set.pin")}</summary>
            <label className="home-label">
                {t("set.pin_new")}
                <input
                    className="home-input"
                    autoComplete="off"
                    maxLength={40}
                    value={pin}
                    onChange={(e) => setPin(e.target.value)}
                />
            </label>
            <p role="status">{says}</p>
            <Second onPress={() => void choose()}>{t("set.pin")}</Second>
        </details>
    );
}

function Forget() {
    const t = useWords();
    const [sure, setSure] = useState(false);
    const [kept, setKept] = useState(false);
    const go = async () => {
        if (await forget()) {
            location.assign("/home/door");
        } else {
            setKept(true);
        }
    };
    return (
        <div className="mt-3">
            {sure && <p className="home-alert">{t("set.forget_says")}</p>}
            {kept && (
                <p role="alert" className="home-alert">
                    {t("offline")}
                </p>
            )}
            <button type="button" className="home-stop" onClick={() => (sure ? void go() : setSure(true))}>
                {t("set.forget")}
            </button>
        </div>
    );
}
