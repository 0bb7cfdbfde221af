import { createContext, useContext } from "react";

/** Which limit, or which dose, is being pointed at: pointing at one lights up the other. */
export interface Lit {
    limit: string | null;
    shapedBy: string[];
    pointAtLimit: (says: string | null) => void;
    pointAtDose: (shapedBy: string[]) => void;
}

export const LitContext = createContext<Lit>({
    limit: null,
    shapedBy: [],
    pointAtLimit: () => undefined,
    pointAtDose: () => undefined,
});

export const useLit = (): Lit => useContext(LitContext);
