import { doneOf, type Draft, rated, withDone } from "@/home/draft";
import { Lines, Main, Moving, Screen, Second } from "@/home/parts";
import type { Here } from "@/home/screens/Play";
import { useVoice, useWords } from "@/home/words";
import { useEffect } from "react";

/** Too hard: the easier step that is open for this client, and why stepping down is right. */
export default function TooHard({
    here,
    onEasier,
    onLeaveOut,
    onBack,
}: {
    here: Here;
    onEasier: (draft: Draft) => void;
    onLeaveOut: () => void;
    onBack: () => void;
}) {
    const t = useWords();
    const voice = useVoice();
    const { item, draft } = here;
    const easier = here.easier === null ? (item?.easier ?? null) : null;
    const says = item === null || easier === null ? t("play.easier_none") : t("play.easier", { name: easier.name });
    useEffect(() => voice.read(says), []); // eslint-disable-line react-hooks/exhaustive-deps
    const take = () => {
        if (item !== null && easier !== null) {
            // What was done of the harder one was as hard as it gets.
            const hardest = item.hard.at(-1);
            const now = doneOf(draft, item.id).sets.length > 0 && hardest ? rated(draft, item.id, hardest) : draft;
            onEasier(withDone(now, item.id, { instead: easier.name }));
        }
    };
    return (
        <Screen title={says}>
            {easier !== null && item !== null && (
                <>
                    <p>{t("play.easier_why", { says: item.too_hard_if })}</p>
                    <Moving data={easier.figure} label={easier.name} />
                    <p className="text-xl font-bold">
                        {[easier.amount, easier.load, easier.recipe].filter((s) => s !== null).join(" · ")}
                    </p>
                    <p>{easier.set_up}</p>
                    <Lines of={[...easier.changes, ...easier.cues]} />
                    <Main onPress={take}>{t("play.easier_take")}</Main>
                </>
            )}
            <Second onPress={onLeaveOut}>{t("play.leave_out")}</Second>
            <Second onPress={onBack}>{t("play.same_again")}</Second>
        </Screen>
    );
}
