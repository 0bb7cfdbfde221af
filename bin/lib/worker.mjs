// After the pages are built: what the phone of a client takes along (its script, style and letters), as a service worker,
// and the built files compressed once for servers that hand them out so. Called by bin/lib/common.sh.
import { readFileSync, readdirSync, writeFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import { generateSW } from "workbox-build";

const manifest = JSON.parse(readFileSync("public/build/manifest.json", "utf8"));
const files = new Set();
const take = (key) => {
    const entry = manifest[key];
    if (entry === undefined || files.has(entry.file)) {
        return;
    }
    files.add(entry.file);
    for (const file of [...(entry.css ?? []), ...(entry.assets ?? [])]) {
        files.add(file);
    }
    (entry.imports ?? []).forEach(take);
};
take("resources/js/home.tsx");
take("resources/css/home.css");
// The style names its letters by relative addresses.
for (const css of [...files].filter((file) => file.endsWith(".css"))) {
    for (const [, name] of readFileSync(`public/build/${css}`, "utf8").matchAll(/([\w-]+\.woff2)/g)) {
        files.add(`assets/${name}`);
    }
}

const { warnings } = await generateSW({
    swDest: "public/home-sw.js",
    globDirectory: "public",
    globPatterns: [...[...files].map((file) => `build/${file}`), "home.webmanifest", "mark.svg"],
    dontCacheBustURLsMatching: /build\/assets\//,
    modifyURLPrefix: { "": "/" },
    inlineWorkboxRuntime: true,
    sourcemap: false,
    skipWaiting: true,
    clientsClaim: true,
    cleanupOutdatedCaches: true,
    runtimeCaching: [
        {
            urlPattern: ({ request, url }) => request.mode === "navigate" && url.pathname === "/home",
            handler: "NetworkFirst",
            options: { cacheName: "home-page", networkTimeoutSeconds: 4, cacheableResponse: { statuses: [200] } },
        },
    ],
});
if (warnings.length > 0) {
    throw new Error(warnings.join("\n"));
}

for (const name of readdirSync("public/build/assets")) {
    if (/\.(js|css|svg)$/.test(name)) {
        const path = `public/build/assets/${name}`;
        writeFileSync(`${path}.gz`, gzipSync(readFileSync(path), { level: 9 }));
    }
}
