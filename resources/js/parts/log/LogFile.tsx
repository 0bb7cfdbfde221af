import { newId } from "@/lib/id";
import { xsrfToken } from "@/lib/token";
import Button from "@/parts/Button";
import FileButton from "@/parts/FileButton";
import { FieldError } from "@/parts/Field";
import { router, usePage } from "@inertiajs/react";
import { useState } from "react";

interface Preview {
    sessions: { on: string; version: number; exercises: number; sets: number }[];
    errors: { line: number; says: string }[];
    odd: string[];
}

/** Sessions from a file: looked at first, kept when it is right, and each waits to be looked at afterwards. */
export default function LogFile({ clientId, columns }: { clientId: number; columns: string }) {
    const errors = usePage().props.errors as Record<string, string | undefined>;
    const [file, setFile] = useState<{ text: string; key: string; preview: Preview } | null>(null);
    const [trouble, setTrouble] = useState("");
    const [confirmed, setConfirmed] = useState(false);
    const [busy, setBusy] = useState(false);
    const look = async (chosen: File) => {
        setTrouble("");
        setFile(null);
        const text = await chosen.text();
        const answer = await fetch(`/clients/${clientId}/log/csv/preview`, {
            method: "POST",
            headers: {
                Accept: "application/json",
                "Content-Type": "application/json",
                "X-XSRF-TOKEN": xsrfToken(),
            },
            body: JSON.stringify({ text }),
        }).catch(() => null);
        if (answer === null || !answer.ok) {
            setTrouble("The file could not be read. Choose a text file with comma-separated values, up to 300 kB.");
            return;
        }
        setFile({ text, key: newId(), preview: (await answer.json()) as Preview });
    };
    return (
        <section className="mt-6">
            <h3 className="font-bold">From a file</h3>
            <p className="text-soft text-sm">
                Comma-separated values, a line a set; the first line names the columns:{" "}
                <code className="break-all">{columns}</code>
            </p>
            <div className="mt-1 flex flex-wrap items-center gap-3">
                <FileButton
                    label="File with sessions, comma-separated values"
                    accept=".csv,text/csv,text/plain"
                    onFile={(chosen) => void look(chosen)}
                >
                    Choose a file
                </FileButton>
                <a
                    className="text-water hover:text-ink inline-block min-h-6 text-sm underline underline-offset-2"
                    href={`/clients/${clientId}/log/export.csv`}
                >
                    save all sessions as CSV
                </a>
            </div>
            <FieldError error={trouble || errors.text} />
            {file && (
                <div className="border-sand mt-3 border-t pt-2 text-sm">
                    {file.preview.errors.length > 0 ? (
                        <>
                            <p role="alert" className="text-stop font-bold">
                                {file.preview.errors.length === 1
                                    ? "1 line cannot be read; nothing was kept."
                                    : `${file.preview.errors.length} lines cannot be read; nothing was kept.`}
                            </p>
                            <ul>
                                {file.preview.errors.slice(0, 30).map((fault) => (
                                    <li key={fault.line}>
                                        Line {fault.line}: {fault.says}
                                    </li>
                                ))}
                            </ul>
                        </>
                    ) : (
                        <>
                            <p className="font-bold">
                                {file.preview.sessions.length === 1
                                    ? "1 session in it"
                                    : `${file.preview.sessions.length} sessions in it`}
                            </p>
                            <ul>
                                {file.preview.sessions.map((s) => (
                                    <li key={s.on}>
                                        {s.on}: {s.exercises} exercises, {s.sets} sets, on version {s.version}
                                    </li>
                                ))}
                            </ul>
                            {file.preview.odd.length > 0 && (
                                <label className="mt-2 flex min-h-8 items-start gap-2">
                                    <input
                                        type="checkbox"
                                        className="accent-water mt-0.5 size-5 shrink-0"
                                        checked={confirmed}
                                        onChange={(e) => setConfirmed(e.target.checked)}
                                    />
                                    <span>{file.preview.odd.join(" ")} It is right all the same.</span>
                                </label>
                            )}
                            <FieldError error={errors.confirmed} />
                            <Button
                                tone="main"
                                className="mt-2"
                                disabled={busy || (file.preview.odd.length > 0 && !confirmed)}
                                onClick={() =>
                                    router.post(
                                        `/clients/${clientId}/log/csv`,
                                        { text: file.text, key: file.key, confirmed },
                                        { onStart: () => setBusy(true), onFinish: () => setBusy(false) },
                                    )
                                }
                            >
                                Keep them, to be looked at
                            </Button>
                        </>
                    )}
                </div>
            )}
        </section>
    );
}
