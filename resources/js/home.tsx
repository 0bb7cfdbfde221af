import App, { readPhone } from "@/home/App";
import { createRoot } from "react-dom/client";

const root = document.getElementById("home");
if (root !== null) {
    const fallback = JSON.parse(root.dataset.words ?? "{}") as Record<string, string>;
    // What the server has written stays readable until the phone knows what to put in its place.
    void readPhone().then((begins) => createRoot(root).render(<App fallback={fallback} begins={begins} />));
}

// Only over HTTPS, or on this very machine, does a browser let a page work without a signal.
if ("serviceWorker" in navigator) {
    void navigator.serviceWorker
        .register("/home-sw.js", { scope: "/home" })
        .then(() => navigator.serviceWorker.ready)
        // The page that is open now is the one to come back to: from the first visit on.
        .then(async () => (await caches.open("home-page")).add("/home"));
}
