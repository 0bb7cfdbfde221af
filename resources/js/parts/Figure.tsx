import type { FigureData, FigureShape } from "@/types/props";

const GAP = 90;
const STROKE: Record<string, string> = {
    near: "stroke-ink print:stroke-black",
    far: "stroke-soft/60 print:stroke-neutral-400",
    prop: "stroke-wood print:stroke-neutral-500",
    ground: "stroke-sand print:stroke-neutral-300",
    band: "stroke-ink print:stroke-neutral-700",
    load: "stroke-water print:stroke-neutral-600",
};
const FILL: Record<string, string> = {
    near: "fill-ink print:fill-black",
    far: "fill-soft/60 print:fill-neutral-400",
    prop: "fill-wood/60 print:fill-neutral-300",
    ground: "fill-sand print:fill-neutral-200",
    band: "fill-ink print:fill-neutral-700",
    load: "fill-water print:fill-neutral-600",
};
const WIDTH: Record<string, number> = { near: 34, far: 30, prop: 14, ground: 10, band: 12, load: 16 };

/**
 * The picture of a rung: the start and, beside it, the end, with a dotted path for the part that moves. Every place was
 * worked out by the core, in thousandths of a body height; here it is only drawn.
 */
export default function Figure({
    data,
    label,
    className = "",
}: {
    data: FigureData;
    label: string;
    className?: string;
}) {
    const count = data.frames.length;
    const width = data.width * count + GAP * (count - 1);
    return (
        <svg
            viewBox={`0 0 ${width} ${data.height}`}
            className={className}
            role="img"
            aria-label={`${label}: ${count > 1 ? "start and end" : "the position"}`}
            preserveAspectRatio="xMidYMax meet"
        >
            {data.frames.map((shapes, i) => (
                <g
                    key={i}
                    transform={`translate(${i * (data.width + GAP) - data.left} ${data.height + data.bottom}) scale(1 -1)`}
                    strokeLinecap="round"
                    strokeLinejoin="round"
                >
                    <line
                        x1={data.left}
                        x2={data.left + data.width}
                        y1={-8}
                        y2={-8}
                        className="stroke-sand print:stroke-neutral-300"
                        strokeWidth={10}
                    />
                    {shapes.map((shape, n) => (
                        <Drawn key={n} shape={shape} />
                    ))}
                    {i === 0 && data.arrow !== null && <Path points={data.arrow} />}
                    {i === count - 1 && data.mark !== null && <Press at={data.mark} />}
                </g>
            ))}
        </svg>
    );
}

function Drawn({ shape }: { shape: FigureShape }) {
    const [first] = shape.points;
    const points = shape.points.map((p) => p.join(",")).join(" ");
    if (shape.kind === "disc") {
        return <circle cx={first?.[0]} cy={first?.[1]} r={shape.radius} className={FILL[shape.role] ?? ""} />;
    }
    if (shape.kind === "area") {
        return <polygon points={points} className={FILL[shape.role] ?? ""} />;
    }
    return (
        <polyline points={points} fill="none" className={STROKE[shape.role] ?? ""} strokeWidth={WIDTH[shape.role]} />
    );
}

/** A squeeze or a press, which moves nothing: two rings round the place. */
function Press({ at }: { at: number[] }) {
    return (
        <>
            {[55, 90].map((r) => (
                <circle
                    key={r}
                    cx={at[0]}
                    cy={at[1]}
                    r={r}
                    fill="none"
                    strokeWidth={12}
                    strokeDasharray="2 26"
                    className="stroke-hold print:stroke-neutral-600"
                />
            ))}
        </>
    );
}

/** From where the moving part starts to where it ends; the dot is the end. */
function Path({ points }: { points: number[][] }) {
    const [from, bend, to] = points;
    if (!from || !bend || !to) {
        return null;
    }
    return (
        <>
            <path
                d={`M${from.join(" ")} Q${bend.join(" ")} ${to.join(" ")}`}
                fill="none"
                strokeWidth={14}
                strokeDasharray="2 34"
                className="stroke-hold print:stroke-neutral-600"
            />
            <circle cx={to[0]} cy={to[1]} r={24} className="fill-hold print:fill-neutral-600" />
        </>
    );
}
