/** What the server asks of every change that is sent without a form. */
export function xsrfToken(): string {
    const found = document.cookie.split("; ").find((c) => c.startsWith("XSRF-TOKEN="));
    return found === undefined ? "" : decodeURIComponent(found.slice("XSRF-TOKEN=".length));
}
