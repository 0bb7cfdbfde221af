import { newId } from "@/lib/id";
import Button from "@/parts/Button";
import { useConflict, withTheirs } from "@/lib/conflict";
import { useKept } from "@/lib/kept";
import ClientShell from "@/parts/ClientShell";
import ConflictView from "@/parts/ConflictView";
import Faults from "@/parts/Faults";
import KeptOffer from "@/parts/KeptOffer";
import ConditionPicker from "@/parts/ConditionPicker";
import FromHome from "@/parts/FromHome";
import Abilities from "@/parts/screen/Abilities";
import ClearanceOnRecord from "@/parts/screen/ClearanceOnRecord";
import Medicines from "@/parts/screen/Medicines";
import Realistic from "@/parts/screen/Realistic";
import Who from "@/parts/screen/Who";
import Shell from "@/parts/Shell";
import type { ScreenForm, ScreenProps } from "@/types/props";
import { useForm } from "@inertiajs/react";
import { useState } from "react";

const ROW_KEYS = { conditions: "code" };

/** The intake: who this is, what they can do, what they live with, what is realistic. */
export default function Screen(props: ScreenProps) {
    const { client, from_home, form: initial, version, faults, known, own_fields, own_parts } = props;
    const form = useForm<ScreenForm>(initial);
    // What the form was made from goes along with it: whoever saves on an older state is shown both.
    const [made, setMade] = useState({ version, base: initial, key: newId() });
    const errors = form.errors as Record<string, string | undefined>;
    const wrongs = Object.keys(errors).filter((key) => key !== "version").length;
    const kept = useKept(
        `${client?.id ?? "new"}.screen`,
        client ? `Screen: ${client.name}` : "New client",
        { form: form.data, made },
        form.isDirty,
    );
    // An answer taken over from home is a save of this very page: what is untouched follows it.
    const [arrived, setArrived] = useState(version);
    if (version !== arrived) {
        setArrived(version);
        if (!form.isDirty) {
            form.setDefaults(initial);
            form.setData(initial);
            setMade({ version, base: initial, key: made.key });
        }
    }
    const conflict = useConflict((met) => {
        setMade({ ...made, version: met.version, base: met.base as ScreenForm });
        form.setData(met.merged as ScreenForm);
    });
    const body = (
        <form
            noValidate
            className="grid items-start gap-x-6 gap-y-5 lg:grid-cols-2"
            onSubmit={(event) => {
                event.preventDefault();
                const options = {
                    preserveScroll: true,
                    onSuccess: (page: { props: unknown }) => {
                        const now = page.props as ScreenProps;
                        kept.saved();
                        if (client) {
                            setMade({ version: now.version, base: now.form, key: newId() });
                            form.setDefaults(now.form);
                            form.setData(now.form);
                        }
                    },
                };
                form.transform((data) => ({
                    ...data,
                    ...(client ? { version: made.version, base: made.base } : { key: made.key }),
                }));
                if (client) {
                    form.put(`/clients/${client.id}/screen`, options);
                } else {
                    form.post("/clients", options);
                }
            }}
        >
            <div className="empty:hidden lg:col-span-2">
                <KeptOffer
                    kept={kept}
                    onTake={(was) => {
                        form.setData(was.form);
                        setMade(was.made);
                    }}
                />
                <ConflictView
                    conflict={conflict}
                    save="Save screen"
                    onTheirs={(field, value) => form.setData(withTheirs(form.data, field, value, ROW_KEYS))}
                />
            </div>
            <div className="space-y-5">
                <Who form={form} />
                <Abilities form={form} />
            </div>
            <div className="space-y-5">
                <div>
                    <h2 className="mb-2 text-lg font-bold">Conditions</h2>
                    <ConditionPicker
                        known={known}
                        value={form.data.conditions}
                        errors={errors}
                        onChange={(conditions) => form.setData("conditions", conditions)}
                    />
                </div>
                <Medicines form={form} />
                <Realistic form={form} />
                <ClearanceOnRecord form={form} fields={own_fields} parts={own_parts} />
            </div>
            <div className="border-sand bg-paper sticky bottom-0 flex items-center gap-4 border-t py-3 lg:col-span-2">
                <Button tone="main" type="submit" data-save disabled={form.processing}>
                    {client ? "Save screen" : "Save and measure"}
                </Button>
                {wrongs > 0 && (
                    <p role="alert" className="text-stop text-sm">
                        {wrongs === 1 ? "One field needs another value." : `${wrongs} fields need another value.`}{" "}
                        Nothing was saved; what you typed is still here.
                    </p>
                )}
                {wrongs === 0 && form.isDirty && <p className="text-soft text-sm">Not saved yet.</p>}
            </div>
        </form>
    );
    return client ? (
        <ClientShell client={client} stage="screen">
            <Faults clientId={client.id} faults={faults} />
            <FromHome clientId={client.id} intake={from_home} />
            {body}
        </ClientShell>
    ) : (
        <Shell title="Add client">
            <main id="work" className="mx-auto max-w-5xl px-5 pt-5 pb-10">
                <h1 className="mb-3 text-2xl font-bold">New client</h1>
                {body}
            </main>
        </Shell>
    );
}
