/** The choices of a list, each a code and what is read. */
export default function Options({ of }: { of: readonly (readonly [string, string])[] }) {
    return of.map(([code, label]) => (
        <option key={code} value={code}>
            {label}
        </option>
    ));
}
