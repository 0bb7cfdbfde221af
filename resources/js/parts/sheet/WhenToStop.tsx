import type { SheetProps } from "@/types/props";

/** Help at once, apart from a call to the clinic; each with its number. */
export default function WhenToStop({ sheet }: { sheet: NonNullable<SheetProps["sheet"]> }) {
    const { words } = sheet;
    return (
        <>
            {sheet.stop.signs.length > 0 && (
                <section className="border-stop mt-6 break-inside-avoid rounded-md border-4 p-4 print:border-black">
                    <h3 className="text-2xl font-bold">
                        <span aria-hidden="true">◆ </span>
                        {words.stop}
                    </h3>
                    <p className="font-bold">{sheet.stop.says}:</p>
                    <ul className="list-disc columns-2 pl-6">
                        {sheet.stop.signs.map((sign) => (
                            <li key={sign}>{sign}</li>
                        ))}
                    </ul>
                </section>
            )}
            <section className="border-ink mt-4 break-inside-avoid rounded-md border-2 p-4">
                {sheet.refer.signs.length > 0 && (
                    <>
                        <h3 className="text-xl font-bold">
                            <span aria-hidden="true">■ </span>
                            {words.refer}
                        </h3>
                        <p>{sheet.refer.says}:</p>
                        <ul className="list-disc columns-2 pl-6">
                            {sheet.refer.signs.map((sign) => (
                                <li key={sign}>{sign}</li>
                            ))}
                        </ul>
                    </>
                )}
                <p className="mt-1">
                    {words.clinic}: <strong>{sheet.clinic.name}</strong>{" "}
                    {sheet.clinic.phone ?? (
                        <span className="inline-block w-52 border-b-2 border-dotted border-current" />
                    )}
                </p>
            </section>
        </>
    );
}
