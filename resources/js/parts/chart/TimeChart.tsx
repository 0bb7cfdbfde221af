import { sayDate } from "@/lib/words";
import type { ChartEvent, ChartPanel, ChartSeries } from "@/types/props";
import { scaleLinear, scaleUtc } from "d3-scale";
import { area, line } from "d3-shape";
import { useId } from "react";

const W = 420;
const H = 170;
const LEFT = 40;
const RIGHT = 8;
const TOP = 18;
const BOTTOM = 22;
/** Below so many points each is marked; above, the line alone is read. */
const MARKED = 60;

const day = (on: string): Date => new Date(`${on.slice(0, 10)}T00:00:00Z`);

/** Shapes of events: they differ without colour, and are named in the list below the charts. */
export const EVENT_SIGN: Record<ChartEvent["kind"], string> = { stop: "◆", flare: "▼", dose: "|", limit: "‖" };

function Point({
    mark,
    x,
    y,
    on,
    value,
}: {
    mark: ChartSeries["mark"];
    x: number;
    y: number;
    on: string;
    value: number;
}) {
    const data = { "data-on": on, "data-value": value, "data-x": x, "data-y": y };
    return mark === "square" ? (
        <rect {...data} x={x - 2.2} y={y - 2.2} width="4.4" height="4.4" className="fill-ink" />
    ) : (
        <circle
            {...data}
            cx={x}
            cy={y}
            r={mark === "open" ? 4.2 : 2.8}
            className={mark === "open" ? "fill-paper stroke-ink" : "fill-ink"}
            strokeWidth="1.4"
        />
    );
}

const DASH: Record<ChartSeries["mark"], string | undefined> = { dot: undefined, open: "2 3", square: "6 3" };

/** One measure over time. Sides and series differ by mark and dash, never by colour alone; the figures are below it. */
export default function TimeChart({
    panel,
    events,
    from,
    to,
}: {
    panel: ChartPanel;
    events: ChartEvent[];
    from: string;
    to: string;
}) {
    const id = useId();
    const points = panel.series.flatMap((s) => s.points);
    const values = points.flatMap((p) => [p.value, p.lo ?? p.value, p.hi ?? p.value]);
    const first = points.reduce((least, p) => (p.on < least ? p.on : least), from);
    const x = scaleUtc()
        .domain([day(first), day(first === to ? `${to}` : to)])
        .range([LEFT, W - RIGHT]);
    const top = panel.most ?? Math.max(...values, panel.norm ?? -Infinity);
    const bottom = panel.least ?? Math.min(...values, panel.norm ?? Infinity);
    const y = scaleLinear()
        .domain([bottom, top === bottom ? bottom + 1 : top])
        .nice(4)
        .range([H - BOTTOM, TOP]);
    const at = (on: string): number => (first === to ? (LEFT + W - RIGHT) / 2 : x(day(on)));
    const says = `${panel.title}, ${panel.unit}, ${sayDate(first)} to ${sayDate(to)}. ${panel.series
        .map((s) => {
            const [a, z] = [s.points[0], s.points.at(-1)];
            return `${s.name || "all"}: ${s.points.length} points, from ${a?.value ?? ""} to ${z?.value ?? ""}`;
        })
        .join("; ")}.`;
    return (
        <figure className="break-inside-avoid">
            <figcaption className="text-sm font-bold">
                {panel.title} <span className="text-soft font-normal">{panel.unit}</span>
            </figcaption>
            <svg
                viewBox={`0 0 ${W} ${H}`}
                role="img"
                aria-labelledby={id}
                className="block w-full"
                data-panel={panel.key}
            >
                <title id={id}>{says}</title>
                {y.ticks(4).map((tick) => (
                    <g key={tick} data-tick={tick} data-tick-y={y(tick)}>
                        <line x1={LEFT} x2={W - RIGHT} y1={y(tick)} y2={y(tick)} className="stroke-sand" />
                        <text x={LEFT - 5} y={y(tick) + 3.5} textAnchor="end" className="fill-soft text-[11px]">
                            {y.tickFormat(4)(tick)}
                        </text>
                    </g>
                ))}
                {x.ticks(4).map((tick) => (
                    <text
                        key={tick.getTime()}
                        x={x(tick)}
                        y={H - 6}
                        textAnchor="middle"
                        className="fill-soft text-[11px]"
                        data-tick-on={tick.toISOString().slice(0, 10)}
                        data-tick-x={x(tick)}
                    >
                        {x.tickFormat(4, "%d %b")(tick)}
                    </text>
                ))}
                {panel.norm !== null && (
                    <line
                        x1={LEFT}
                        x2={W - RIGHT}
                        y1={y(panel.norm)}
                        y2={y(panel.norm)}
                        className="stroke-hold"
                        strokeDasharray="1 4"
                        strokeWidth="2"
                    />
                )}
                {events
                    .filter((e) => e.on >= first && e.on <= to)
                    .map((event, i) => (
                        <g key={i}>
                            <line
                                x1={at(event.on)}
                                x2={at(event.on)}
                                y1={TOP - 4}
                                y2={H - BOTTOM}
                                className={event.kind === "stop" ? "stroke-stop" : "stroke-soft"}
                                strokeDasharray={event.kind === "dose" ? "1 3" : undefined}
                                strokeWidth={event.kind === "stop" ? 1.6 : 0.8}
                            />
                            {event.kind !== "dose" && (
                                <text x={at(event.on)} y={TOP - 6} textAnchor="middle" className="fill-ink text-[10px]">
                                    {EVENT_SIGN[event.kind]}
                                </text>
                            )}
                        </g>
                    ))}
                {panel.series.map((series) => {
                    const banded = series.points.filter((p) => p.lo !== null && p.hi !== null);
                    return (
                        <g key={series.name}>
                            {banded.length > 1 && (
                                <path
                                    className="fill-shallow"
                                    opacity="0.7"
                                    d={
                                        area<(typeof banded)[number]>(
                                            (p) => at(p.on),
                                            (p) => y(p.lo ?? p.value),
                                            (p) => y(p.hi ?? p.value),
                                        )(banded) ?? ""
                                    }
                                />
                            )}
                            <path
                                className="stroke-ink fill-none"
                                strokeDasharray={DASH[series.mark]}
                                strokeWidth="1.2"
                                d={
                                    line<(typeof series.points)[number]>(
                                        (p) => at(p.on),
                                        (p) => y(p.value),
                                    )(series.points) ?? ""
                                }
                            />
                            {(series.points.length <= MARKED ? series.points : series.points.slice(-1)).map((p, i) => (
                                <Point
                                    key={i}
                                    mark={series.mark}
                                    x={at(p.on)}
                                    y={y(p.value)}
                                    on={p.on}
                                    value={p.value}
                                />
                            ))}
                        </g>
                    );
                })}
            </svg>
            {(panel.series.length > 1 || panel.norm !== null) && (
                <p className="text-soft flex flex-wrap gap-x-3 text-xs">
                    {panel.series
                        .filter((s) => s.name !== "")
                        .map((s) => (
                            <span key={s.name}>
                                <span aria-hidden="true">{{ dot: "●", open: "○", square: "■" }[s.mark]} </span>
                                {s.name}
                            </span>
                        ))}
                    {panel.norm !== null && <span>dotted line: cut-off {panel.norm}</span>}
                </p>
            )}
            <Figures panel={panel} />
        </figure>
    );
}

/** The same as a table, for whoever reads numbers rather than lines. */
function Figures({ panel }: { panel: ChartPanel }) {
    const banded = panel.series.some((s) => s.points.some((p) => p.lo !== null));
    return (
        <details className="no-print text-sm">
            <summary className="text-water min-h-6 cursor-pointer">
                Figures<span className="sr-only"> of {panel.title}</span>
            </summary>
            <table className="num w-full text-left">
                <thead>
                    <tr>
                        <th scope="col">Day</th>
                        {panel.series.length > 1 && <th scope="col">Which</th>}
                        <th scope="col">{panel.unit}</th>
                        {banded && <th scope="col">between</th>}
                    </tr>
                </thead>
                <tbody>
                    {panel.series.flatMap((s) =>
                        s.points.map((p, i) => (
                            <tr key={`${s.name}${i}`} className="border-sand border-t">
                                <td>{sayDate(p.on)}</td>
                                {panel.series.length > 1 && <td>{s.name || "both"}</td>}
                                <td>{p.value}</td>
                                {banded && <td>{p.lo === null ? "" : `${p.lo} and ${p.hi ?? ""}`}</td>}
                            </tr>
                        )),
                    )}
                </tbody>
            </table>
        </details>
    );
}
