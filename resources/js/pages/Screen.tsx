import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
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

/** The intake: who this is, what they can do, what they live with, what is realistic. */
export default function Screen({ client, from_home, form: initial, known }: ScreenProps) {
    const form = useForm<ScreenForm>(initial);
    const errors = form.errors as Record<string, string | undefined>;
    const wrongs = Object.keys(errors).length;
    const body = (
        <form
            noValidate
            className="grid items-start gap-x-6 gap-y-5 lg:grid-cols-2"
            onSubmit={(event) => {
                event.preventDefault();
                const options = { preserveScroll: true };
                if (client) {
                    form.put(`/clients/${client.id}/screen`, options);
                } else {
                    form.post("/clients", options);
                }
            }}
        >
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
                <ClearanceOnRecord form={form} />
            </div>
            <div className="border-sand bg-paper sticky bottom-0 flex items-center gap-4 border-t py-3 lg:col-span-2">
                <Button tone="main" type="submit" disabled={form.processing}>
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
