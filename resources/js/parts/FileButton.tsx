import Button from "@/parts/Button";
import { useRef, type ReactNode } from "react";

/** A file is chosen by a button like any other. */
export default function FileButton({
    label,
    accept,
    disabled = false,
    quiet = false,
    onFile,
    children,
}: {
    /** What is asked for, for who does not see the button. */
    label: string;
    accept: string;
    disabled?: boolean;
    /** As a link among links. */
    quiet?: boolean;
    onFile: (file: File) => void;
    children: ReactNode;
}) {
    const input = useRef<HTMLInputElement>(null);
    return (
        <>
            <input
                ref={input}
                type="file"
                accept={accept}
                className="sr-only"
                tabIndex={-1}
                aria-label={label}
                onChange={(e) => {
                    const file = e.target.files?.[0];
                    if (file) {
                        onFile(file);
                        e.target.value = "";
                    }
                }}
            />
            <Button small tone={quiet ? "quiet" : "plain"} disabled={disabled} onClick={() => input.current?.click()}>
                {children}
            </Button>
        </>
    );
}
