import type { Conflict } from "@/types/props";
import { useEffect, useRef, useState } from "react";
import Button from "./Button";

/** What somebody else saved meanwhile: what was taken over from them, and both values where the two clash. */
export default function ConflictView({
    conflict,
    onTheirs,
    save = "Save again",
}: {
    conflict: Conflict | null;
    /** Takes the other one's value into the form; absent where there is nothing to choose. */
    onTheirs?: (field: string, value: unknown) => void;
    /** What the button is called that saves the form as it stands now. */
    save?: string;
}) {
    const box = useRef<HTMLElement>(null);
    const [taken, setTaken] = useState<string[]>([]);
    const id = conflict?.id;
    useEffect(() => {
        if (id !== undefined) {
            box.current?.focus();
            box.current?.scrollIntoView({ block: "nearest" });
        }
    }, [id]);
    if (conflict === null) {
        return null;
    }
    return (
        <section
            ref={box}
            tabIndex={-1}
            aria-label="Changed by somebody else meanwhile"
            className="border-stop bg-card mb-4 rounded-md border-l-4 p-3"
        >
            <h2 className="font-bold">
                <span aria-hidden="true">■ </span>
                {conflict.by} saved this meanwhile{conflict.at ? ` (${conflict.at})` : ""}. Yours is not saved yet.
            </h2>
            {conflict.taken.length > 0 && (
                <p className="mt-1 text-sm">
                    Taken over from there, because you had not touched it: {conflict.taken.join(", ")}.
                </p>
            )}
            {conflict.clashes.length > 0 && (
                <table className="mt-2 w-full text-sm">
                    <caption className="text-left">You both changed these; choose, then {save.toLowerCase()}.</caption>
                    <thead className="text-soft text-left">
                        <tr>
                            <th className="py-1 font-medium">What</th>
                            <th className="font-medium">Yours</th>
                            <th className="font-medium">Theirs, stored now</th>
                            {onTheirs && (
                                <th>
                                    <span className="sr-only">Choice</span>
                                </th>
                            )}
                        </tr>
                    </thead>
                    <tbody>
                        {conflict.clashes.map((clash) => (
                            <tr key={clash.field} className="border-sand border-t align-top">
                                <th scope="row" className="py-1.5 pr-2 text-left font-medium">
                                    {clash.label}
                                </th>
                                <td className={`pr-2 ${taken.includes(clash.field) ? "line-through" : "font-bold"}`}>
                                    {clash.mine}
                                </td>
                                <td className={`pr-2 ${taken.includes(clash.field) ? "font-bold" : ""}`}>
                                    {clash.theirs}
                                </td>
                                {onTheirs && (
                                    <td className="py-1 text-right">
                                        {taken.includes(clash.field) ? (
                                            "theirs taken"
                                        ) : (
                                            <Button
                                                small
                                                onClick={() => {
                                                    onTheirs(clash.field, clash.value);
                                                    setTaken([...taken, clash.field]);
                                                }}
                                            >
                                                Take theirs<span className="sr-only">: {clash.label}</span>
                                            </Button>
                                        )}
                                    </td>
                                )}
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
            <p className="text-soft mt-1 text-sm">
                {conflict.clashes.length === 0 ? "Nothing clashes. " : ""}The form below holds both now;{" "}
                {save.toLowerCase()} to keep it.
            </p>
        </section>
    );
}
