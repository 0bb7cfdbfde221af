import type { SheetProps } from "@/types/props";

/** A box for each set of each day, and a line to write on. */
export default function Ticked({ sheet }: { sheet: NonNullable<SheetProps["sheet"]> }) {
    const { words } = sheet;
    return (
        <section className="mt-6 break-inside-avoid">
            <h3 className="text-xl font-bold">{words.done}</h3>
            <table className="w-full border-collapse text-base">
                <thead>
                    <tr>
                        <td />
                        {sheet.day_names.map((day) => (
                            <th key={day} scope="col" className="border border-current px-2 py-1 text-left">
                                <abbr title={day} className="no-underline">
                                    {day.slice(0, 3)}
                                </abbr>
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {sheet.items.map((item) => (
                        <tr key={item.id}>
                            <th scope="row" className="border border-current px-2 py-1 text-left font-medium">
                                {item.name}
                            </th>
                            {sheet.days.map((day) => (
                                <td key={day} className="border border-current px-2 py-1 tracking-[0.3em]">
                                    {item.off_days.includes(day) ? (
                                        <span aria-label={words.not_today}>–</span>
                                    ) : (
                                        <span aria-label={`${item.dose.sets} boxes`}>{"☐".repeat(item.dose.sets)}</span>
                                    )}
                                </td>
                            ))}
                        </tr>
                    ))}
                    <tr>
                        <th scope="row" className="h-14 border border-current px-2 py-1 text-left font-medium">
                            {words.felt}
                        </th>
                        {sheet.days.map((day) => (
                            <td key={day} className="border border-current" />
                        ))}
                    </tr>
                </tbody>
            </table>
        </section>
    );
}
