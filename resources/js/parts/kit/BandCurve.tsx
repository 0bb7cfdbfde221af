import type { BandForm } from "@/types/props";

const W = 220;
const H = 120;

/** Pull over stretch, as measured. Past the last point nothing is known, so nothing is drawn. */
export default function BandCurve({ curve, label }: { curve: BandForm["curve"]; label: string }) {
    const last = curve.at(-1) ?? { pct: 1, newtons: 1, pull: "" };
    const x = (pct: number) => 30 + (pct / last.pct) * (W - 40);
    const y = (newtons: number) => H - 22 - (newtons / last.newtons) * (H - 36);
    const text = curve.map((p) => `${p.pull} at ${p.pct} %`).join(", ");
    return (
        <figure>
            <svg viewBox={`0 0 ${W} ${H}`} className="w-40" role="img" aria-label={`Pull of ${label}: ${text}`}>
                <line x1={30} x2={W - 6} y1={H - 22} y2={H - 22} className="stroke-soft" />
                <line x1={30} x2={30} y1={6} y2={H - 22} className="stroke-soft" />
                <polyline
                    fill="none"
                    className="stroke-water"
                    strokeWidth={2.5}
                    points={curve.map((p) => `${x(p.pct)},${y(p.newtons)}`).join(" ")}
                />
                {curve.slice(1).map((p) => (
                    <circle key={p.pct} cx={x(p.pct)} cy={y(p.newtons)} r={3.5} className="fill-ink" />
                ))}
                <text x={W - 8} y={H - 8} textAnchor="end" className="fill-soft text-[10px]">
                    {last.pct} % longer
                </text>
                <text x={34} y={14} className="fill-soft text-[10px]">
                    {last.pull}
                </text>
            </svg>
        </figure>
    );
}
