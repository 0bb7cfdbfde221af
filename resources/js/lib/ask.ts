/** A question to the server by path; the answer is JSON. */
export function ask<T>(path: string, signal: AbortSignal): Promise<T> {
    return fetch(path, { signal, headers: { Accept: "application/json" } }).then((answer) =>
        answer.ok ? (answer.json() as Promise<T>) : Promise.reject(new Error("Not found")),
    );
}
