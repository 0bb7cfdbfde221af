import type { ButtonHTMLAttributes } from "react";

type Tone = "main" | "plain" | "stop" | "quiet";

const TONES: Record<Tone, string> = {
    main: "bg-ink text-paper border-ink hover:bg-water hover:border-water disabled:opacity-60",
    plain: "bg-card text-ink border-water/60 hover:border-ink disabled:opacity-60 aria-pressed:bg-shallow aria-pressed:border-ink aria-pressed:border-2",
    stop: "bg-card text-stop border-stop hover:bg-beach disabled:opacity-60",
    quiet: "border-transparent text-water underline underline-offset-2 hover:text-ink px-1",
};

export default function Button({
    tone = "plain",
    small = false,
    className = "",
    type = "button",
    ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { tone?: Tone; small?: boolean }) {
    return (
        <button
            {...rest}
            type={type}
            className={`rounded-lg border font-medium ${small ? "min-h-8 px-2.5 text-sm" : "min-h-10 px-4"} ${TONES[tone]} ${className}`}
        />
    );
}
