import { useTrouble } from "@/lib/trouble";

/** What went wrong with the last sending; the form behind it stands as it was typed. */
export default function Trouble() {
    const trouble = useTrouble();
    if (trouble === null) {
        return null;
    }
    const [title, says, status] = trouble;
    return (
        <div
            role="alert"
            className="border-stop bg-card no-print fixed inset-x-3 bottom-16 z-40 mx-auto max-w-xl rounded-md border-2 p-3 shadow-lg"
        >
            <p className="text-stop font-bold">
                <span aria-hidden="true">◆ </span>
                {title}
            </p>
            <p className="text-sm">
                {says} What you typed is still here.
                {status === 419 && (
                    <>
                        {" "}
                        <a className="text-water underline" href="/sign-in" target="_blank" rel="noreferrer">
                            Sign in in another window
                        </a>
                        , then come back to this one.
                    </>
                )}
            </p>
        </div>
    );
}
