import { sayDate } from "@/lib/words";
import type { MeasureTest } from "@/types/props";

const W = 200;
const H = 44;

/** Results of one test over time with the norm behind them. Left and right differ by shape. */
export default function Trend({ test }: { test: MeasureTest }) {
    const { points, norm, less_is_better: less } = test.series;
    if (new Set(points.map((p) => p.on)).size < 2) {
        return null;
    }
    const times = points.map((p) => new Date(p.on).getTime());
    const values = [...points.map((p) => p.value), ...(norm === null ? [] : [norm])];
    const [t0, t1] = [Math.min(...times), Math.max(...times)];
    const [v0, v1] = [Math.min(0, ...values), Math.max(1, ...values)];
    const x = (i: number) =>
        6 + (t1 === t0 ? i / Math.max(1, points.length - 1) : ((times[i] ?? t0) - t0) / (t1 - t0)) * (W - 12);
    const y = (v: number) => H - 6 - ((v - v0) / (v1 - v0)) * (H - 12);
    const says = `${test.label} over time: ${points.map((p) => `${sayDate(p.on)} ${p.side ?? ""} ${p.value}`).join(", ")}${norm === null ? "" : `; cut-off ${norm}`}`;
    return (
        <svg viewBox={`0 0 ${W} ${H}`} role="img" aria-label={says} className="mt-1 block w-full max-w-[200px]">
            {norm !== null && (
                <rect
                    x="0"
                    y={less ? y(norm) : 0}
                    width={W}
                    height={less ? H - y(norm) : y(norm)}
                    className="fill-shallow"
                />
            )}
            {["left", "right", null].map((side) => {
                const line = points.map((p, i) => ({ p, i })).filter(({ p }) => p.side === side);
                return (
                    <g key={side ?? "one"}>
                        <polyline
                            points={line.map(({ p, i }) => `${x(i)},${y(p.value)}`).join(" ")}
                            className="stroke-ink fill-none"
                            strokeDasharray={side === "right" ? "4 3" : undefined}
                        />
                        {line.map(({ p, i }) =>
                            side === "right" ? (
                                <rect
                                    key={i}
                                    x={x(i) - 3}
                                    y={y(p.value) - 3}
                                    width="6"
                                    height="6"
                                    className="fill-ink"
                                />
                            ) : (
                                <circle key={i} cx={x(i)} cy={y(p.value)} r="3.4" className="fill-ink" />
                            ),
                        )}
                    </g>
                );
            })}
        </svg>
    );
}
