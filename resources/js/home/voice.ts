/** The browser's own voice, where there is one; it says nothing that does not stand on the screen too. */
export const canSpeak = (): boolean => "speechSynthesis" in window && typeof SpeechSynthesisUtterance !== "undefined";

export function speak(text: string, language: string): void {
    if (!canSpeak() || text === "") {
        return;
    }
    const words = new SpeechSynthesisUtterance(text);
    words.lang = language;
    words.rate = 0.95;
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(words);
}

export const hush = (): void => {
    if (canSpeak()) {
        window.speechSynthesis.cancel();
    }
};

let audio: AudioContext | null = null;

/** A tone with a soft beginning and end, as a struck bar has: high for go, low for done. */
export function tone(hertz: number, seconds = 0.18): void {
    try {
        audio ??= new AudioContext();
        void audio.resume();
        const at = audio.currentTime;
        const gain = audio.createGain();
        gain.gain.setValueAtTime(0.0001, at);
        gain.gain.exponentialRampToValueAtTime(0.3, at + 0.02);
        gain.gain.exponentialRampToValueAtTime(0.0001, at + seconds);
        const note = audio.createOscillator();
        note.frequency.value = hertz;
        note.connect(gain).connect(audio.destination);
        note.start(at);
        note.stop(at + seconds);
    } catch {
        // Without sound the screen says it all.
    }
}

/** Keeps the screen awake while a set runs; where the browser cannot, nothing is lost. */
export async function stayAwake(): Promise<() => void> {
    try {
        const lock = await navigator.wakeLock.request("screen");
        return () => void lock.release();
    } catch {
        return () => undefined;
    }
}
