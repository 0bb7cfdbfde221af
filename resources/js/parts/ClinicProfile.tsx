import Button from "@/parts/Button";
import Field, { inputClass } from "@/parts/Field";
import type { ClinicProfileData } from "@/types/props";
import { router, useForm } from "@inertiajs/react";

const LANGUAGES = new Intl.DisplayNames(["en"], { type: "language" });

/** Who the clinic is, as it stands on every sheet: the lead keeps it. */
export default function ClinicProfile({
    profile,
    zones,
    locales,
    wordsRead,
}: {
    profile: ClinicProfileData;
    zones: string[];
    locales: string[];
    wordsRead: boolean;
}) {
    const form = useForm({ ...profile });
    const input = (field: keyof ClinicProfileData) => ({
        className: inputClass,
        value: form.data[field],
        onChange: (e: { target: { value: string } }) => form.setData(field, e.target.value),
    });
    return (
        <section className="mt-4" aria-label="The clinic">
            <h2 className="text-lg font-bold">The clinic, as it stands on every sheet</h2>
            <form
                noValidate
                className="mt-1 grid items-start gap-x-4 gap-y-2 md:grid-cols-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.transform((data) => ({ ...data, seen: { ...profile } }));
                    form.put("/rulebook/profile", { preserveScroll: true });
                }}
            >
                <Field label="Name" error={form.errors.name}>
                    <input {...input("name")} autoComplete="organization" />
                </Field>
                <Field label="Address" error={form.errors.address} className="md:col-span-2">
                    <input {...input("address")} autoComplete="street-address" />
                </Field>
                <Field label="Telephone" error={form.errors.phone} hint="for questions, and to call the same day">
                    <input {...input("phone")} inputMode="tel" autoComplete="tel" />
                </Field>
                <Field label="Emergency number" error={form.errors.emergency_phone} hint="where your clients live">
                    <input {...input("emergency_phone")} inputMode="tel" />
                </Field>
                <div className="grid grid-cols-2 gap-4">
                    <Field label="Time zone" error={form.errors.timezone}>
                        <select {...input("timezone")}>
                            {zones.map((zone) => (
                                <option key={zone}>{zone}</option>
                            ))}
                        </select>
                    </Field>
                    <Field label="Language of the sheet" error={form.errors.locale}>
                        <select {...input("locale")}>
                            {locales.map((locale) => (
                                <option key={locale} value={locale}>
                                    {LANGUAGES.of(locale)}
                                </option>
                            ))}
                        </select>
                    </Field>
                </div>
                <Button type="submit" small disabled={form.processing || !form.isDirty} className="justify-self-start">
                    Keep the profile
                </Button>
            </form>
            {profile.locale !== "en" && (
                <p className="mt-2 flex flex-wrap items-center gap-3 text-sm">
                    {wordsRead
                        ? `A clinician has read what clients read in ${LANGUAGES.of(profile.locale)}.`
                        : `Nobody has read what clients read in ${LANGUAGES.of(profile.locale)} yet; sheet and page at home say so. What an exercise itself says stands in English.`}
                    <Button
                        small
                        onClick={() => router.put("/rulebook/words", { read: !wordsRead }, { preserveScroll: true })}
                    >
                        {wordsRead ? "It has to be read again" : "A clinician has read it"}
                    </Button>
                </p>
            )}
        </section>
    );
}
