import "../css/app.css";

import { createInertiaApp } from "@inertiajs/react";
import { watchForTrouble } from "@/lib/trouble";
import type { ComponentType } from "react";
import { createRoot } from "react-dom/client";

const pages = import.meta.glob<{ default: ComponentType }>(["./pages/*.tsx", "./pages/*/*.tsx"]);

watchForTrouble();

const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce ?? "";

void createInertiaApp({
    nonce,
    title: (title) => (title ? `${title} · Buoyant Step` : "Buoyant Step"),
    resolve: async (name) => {
        const load = pages[`./pages/${name}.tsx`];
        if (!load) {
            throw new Error(`There is no page called ${name}.`);
        }
        return (await load()).default;
    },
    setup({ el, App, props }) {
        createRoot(el).render(<App {...props} />);
    },
    progress: { color: "#2b7a78" },
});
