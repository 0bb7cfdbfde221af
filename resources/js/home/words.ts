import { createContext, useContext } from "react";
import type { Prefs } from "@/home/store";
import { PREFS } from "@/home/store";
import { hush, speak, tone } from "@/home/voice";

export interface Home {
    words: Record<string, string>;
    prefs: Prefs;
    clinic: { name: string; phone: string | null; emergency: string | null };
}

export const HomeContext = createContext<Home>({
    words: {},
    prefs: PREFS,
    clinic: { name: "", phone: null, emergency: null },
});

export type Say = (key: string, fill?: Record<string, string | number>) => string;

/** The words of the page, as the clinic's language file has them; ":name" is filled in. */
export function useWords(): Say {
    const { words } = useContext(HomeContext);
    return (key, fill = {}) =>
        Object.entries(fill).reduce(
            (says, [name, value]) => says.replaceAll(`:${name}`, String(value)),
            words[key] ?? key,
        );
}

export interface Voice {
    read: (text: string) => void;
    high: () => void;
    low: () => void;
    hush: () => void;
}

/** Reads aloud where that is wished, and gives tones. */
export function useVoice(): Voice {
    const { prefs } = useContext(HomeContext);
    return {
        read: (text) => {
            if (prefs.voice) {
                speak(text, document.documentElement.lang);
            }
        },
        high: () => {
            if (prefs.tones) {
                tone(880);
            }
        },
        low: () => {
            if (prefs.tones) {
                tone(440, 0.35);
            }
        },
        hush,
    };
}
