/** What may not be handed out says so on the paper itself, at its head and on every page. */
export default function Marks({ marks }: { marks: [string, string][] }) {
    if (marks.length === 0) {
        return null;
    }
    return (
        <>
            {marks.map(([mark, says]) => (
                <p
                    key={mark}
                    className="border-stop text-stop mb-3 rounded-md border-4 px-4 py-2 print:border-black print:text-black"
                >
                    <strong className="text-2xl tracking-wide">
                        <span aria-hidden="true">◆ </span>
                        {mark}
                    </strong>
                    : {says}.
                </p>
            ))}
            <p aria-hidden="true" className="on-every-page">
                {marks.map(([mark]) => mark).join(" · ")}
            </p>
        </>
    );
}
