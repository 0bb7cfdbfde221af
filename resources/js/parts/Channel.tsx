import type { ChannelData } from "@/types/props";

const WIDTH = 340;
const HEIGHT = 62;
const BAND_TOP = 20;
const BAND = 18;

/**
 * A dose between its banks: hatched on the left where it is too little to train, solid on the right where a limit ends it,
 * the goal's water between, a tick for each load this home can make, and the float for today.
 */
export default function Channel({ data }: { data: ChannelData }) {
    const x = (value: number): number => Math.round((Math.min(value, data.top) / data.top) * WIDTH * 10) / 10;
    const lo = data.goal_lo === null ? 0 : x(data.goal_lo);
    const hi = data.goal_hi === null ? WIDTH : x(data.goal_hi);
    const bank = data.cap === null ? WIDTH : x(data.cap);
    const middle = BAND_TOP + BAND / 2;
    const float = x(data.float);
    const id = `c${data.unit}${data.top}${data.float}${data.cap ?? ""}`;
    return (
        <div>
            <svg
                viewBox={`-8 0 ${WIDTH + 16} ${HEIGHT}`}
                className="block w-full max-w-[360px]"
                role="img"
                aria-label={data.text}
            >
                <defs>
                    <pattern
                        id={`${id}h`}
                        width="6"
                        height="6"
                        patternTransform="rotate(45)"
                        patternUnits="userSpaceOnUse"
                    >
                        <rect width="6" height="6" className="fill-paper" />
                        <line x1="0" y1="0" x2="0" y2="6" className="stroke-soft/60" strokeWidth="3" />
                    </pattern>
                    <clipPath id={`${id}r`}>
                        <rect x="0" y={BAND_TOP} width={WIDTH} height={BAND} rx={BAND / 2} />
                    </clipPath>
                </defs>
                <g clipPath={`url(#${id}r)`}>
                    <rect x="0" y={BAND_TOP} width={WIDTH} height={BAND} className="fill-shallow" />
                    {data.goal_lo !== null && (
                        <>
                            <rect x="0" y={BAND_TOP} width={lo} height={BAND} fill={`url(#${id}h)`} />
                            <rect
                                x={lo}
                                y={BAND_TOP}
                                width={Math.max(0, Math.min(hi, bank) - lo)}
                                height={BAND}
                                className="fill-deep"
                            />
                        </>
                    )}
                    {data.cap !== null && (
                        <rect x={bank} y={BAND_TOP} width={WIDTH - bank} height={BAND} className="fill-ink" />
                    )}
                </g>
                {data.ticks.map((tick) => (
                    <line
                        key={tick}
                        x1={x(tick)}
                        x2={x(tick)}
                        y1={BAND_TOP + BAND}
                        y2={BAND_TOP + BAND + 6}
                        className="stroke-ink"
                        strokeWidth="1.2"
                    />
                ))}
                {data.last !== null && (
                    <circle cx={x(data.last)} cy={middle} r="6.5" className="fill-paper stroke-ink" strokeWidth="2">
                        <title>last: {data.says.last}</title>
                    </circle>
                )}
                {data.next !== null && (
                    <circle
                        cx={x(data.next)}
                        cy={middle}
                        r="6.5"
                        className="stroke-ink fill-none"
                        strokeWidth="1.5"
                        strokeDasharray="3 2.5"
                    >
                        <title>next here: {data.says.next}</title>
                    </circle>
                )}
                <circle cx={float} cy={middle} r="8" className="fill-ink stroke-paper" strokeWidth="2" />
                <text
                    x={Math.min(Math.max(float, 30), WIDTH - 30)}
                    y="13"
                    textAnchor="middle"
                    className="fill-ink text-[13px] font-bold"
                >
                    {data.label}
                </text>
                <g className="fill-soft text-[11px]" aria-hidden="true">
                    {data.goal_lo !== null && data.goal_hi !== null && (
                        <text
                            x={Math.max(0, Math.min((lo + Math.min(hi, bank)) / 2, WIDTH - 120))}
                            y={HEIGHT - 5}
                            textAnchor={lo < 60 ? "start" : "middle"}
                        >
                            goal {data.says.goal}
                        </text>
                    )}
                    {data.goal_lo === null && (
                        <text x="0" y={HEIGHT - 5}>
                            no goal range until an easy set
                        </text>
                    )}
                    {data.cap !== null && (
                        <text x={WIDTH} y={HEIGHT - 5} textAnchor="end">
                            cap {data.says.cap}
                        </text>
                    )}
                </g>
            </svg>
            {data.moves !== null && (
                <p className="text-soft num pl-1.5 text-xs" aria-hidden="true">
                    {data.moves}
                </p>
            )}
        </div>
    );
}
