import { xsrfToken } from "@/lib/token";
import Button from "@/parts/Button";
import Choice from "@/parts/Choice";
import Field, { inputClass } from "@/parts/Field";
import Shell from "@/parts/Shell";
import type { BenchProps } from "@/types/props";
import { useState } from "react";

/** Simulated devices. What they "read" is sent in over the same interface that a real gateway would use. */
export default function Bench({ clients, devices, faults }: BenchProps) {
    const [client, setClient] = useState(String(clients[0]?.id ?? ""));
    const [kind, setKind] = useState(devices[0]?.kind ?? "");
    const [fault, setFault] = useState("none");
    const [token, setToken] = useState("");
    const [drift, setDrift] = useState("0");
    const [truth, setTruth] = useState<Record<string, string>>(
        Object.fromEntries(devices.flatMap((d) => d.fields).map((f) => [f.key, f.start])),
    );
    const [log, setLog] = useState<string[]>([]);
    const [busy, setBusy] = useState(false);
    const device = devices.find((d) => d.kind === kind);
    const say = (line: string) => setLog((now) => [line, ...now].slice(0, 12));
    const read = async () => {
        setBusy(true);
        try {
            const made = await fetch("/bench", {
                method: "POST",
                headers: {
                    "Content-Type": "application/json",
                    Accept: "application/json",
                    "X-XSRF-TOKEN": xsrfToken(),
                },
                body: JSON.stringify({
                    kind,
                    client_id: Number(client),
                    fault,
                    drift_pct: Number(drift) || 0,
                    true: Object.fromEntries((device?.fields ?? []).map((f) => [f.key, truth[f.key] ?? ""])),
                }),
            });
            const { payload, says, message } = (await made.json()) as {
                payload?: Record<string, unknown> | null;
                says?: string;
                message?: string;
            };
            if (!made.ok) {
                say(message ?? "The bench could not make a reading.");
            } else if (!payload) {
                say("Lost on the way: nothing arrived, and nothing was made up.");
            } else {
                const sent = await fetch("/api/readings", {
                    method: "POST",
                    headers: {
                        "Content-Type": "application/json",
                        Accept: "application/json",
                        Authorization: `Bearer ${token}`,
                    },
                    body: JSON.stringify(payload),
                });
                const answer = (await sent.json()) as { status?: string; note?: string | null; message?: string };
                say(
                    `${device?.label ?? ""} ${says ?? ""}: ${answer.status ?? answer.message ?? String(sent.status)}${answer.note ? `. ${answer.note}` : ""}`,
                );
            }
        } catch {
            say("The server did not answer. Nothing was sent.");
        }
        setBusy(false);
    };
    return (
        <Shell title="Device bench">
            <main id="work" className="mx-auto max-w-4xl px-5 pt-5 pb-10">
                <h1 className="text-2xl font-bold">Device bench</h1>
                <p className="border-hold bg-card mt-2 rounded-md border-l-4 p-2.5">
                    <span aria-hidden="true">■ </span>Simulated devices for trying things out: they measure nobody.
                    Their readings arrive at the client&apos;s Gate as a real gateway&apos;s would.
                </p>
                <div className="mt-4 grid gap-4 md:grid-cols-2">
                    <Field label="Client">
                        <select className={inputClass} value={client} onChange={(e) => setClient(e.target.value)}>
                            {clients.map((c) => (
                                <option key={c.id} value={c.id}>
                                    {c.name}
                                </option>
                            ))}
                        </select>
                    </Field>
                    <Field label="Gateway token" hint="of your clinic; bin/start prints the demo's">
                        <input
                            className={inputClass}
                            value={token}
                            autoComplete="off"
                            onChange={(e) => setToken(e.target.value)}
                        />
                    </Field>
                    <Choice
                        label="Device"
                        value={kind}
                        options={devices.map((d) => [d.kind, d.label])}
                        onChange={setKind}
                    />
                    <Choice label="Fault" value={fault} options={faults} onChange={setFault} />
                    <Field label="Drift, %" hint="how far the device reads off, up to 30">
                        <input
                            className={inputClass}
                            inputMode="decimal"
                            value={drift}
                            onChange={(e) => setDrift(e.target.value)}
                        />
                    </Field>
                    <div className="grid grid-cols-3 gap-3 md:col-span-2">
                        {(device?.fields ?? []).map((f) => (
                            <Field key={f.key} label={f.label}>
                                <input
                                    className={inputClass}
                                    inputMode="decimal"
                                    value={truth[f.key] ?? ""}
                                    onChange={(e) => setTruth({ ...truth, [f.key]: e.target.value })}
                                />
                            </Field>
                        ))}
                    </div>
                </div>
                <Button tone="main" className="mt-4" disabled={busy} onClick={() => void read()}>
                    Read and send
                </Button>
                <ol className="mt-4 text-sm" aria-live="polite" aria-label="Sent">
                    {log.map((line, i) => (
                        <li key={`${log.length - i}`} className="border-sand border-t py-1">
                            {line}
                        </li>
                    ))}
                </ol>
            </main>
        </Shell>
    );
}
