import { useConflict, withTheirs } from "@/lib/conflict";
import { useKept } from "@/lib/kept";
import Button from "@/parts/Button";
import ClientShell from "@/parts/ClientShell";
import ConflictView from "@/parts/ConflictView";
import KeptOffer from "@/parts/KeptOffer";
import FromDevices from "@/parts/FromDevices";
import Bands from "@/parts/kit/Bands";
import Carriers from "@/parts/kit/Carriers";
import CsvDoor from "@/parts/kit/CsvDoor";
import Home from "@/parts/kit/Home";
import Pieces from "@/parts/kit/Pieces";
import type { Errors, KitForm } from "@/parts/kit/types";
import LadderView from "@/parts/LadderView";
import NextToBuy from "@/parts/NextToBuy";
import type { KitProps, Reading } from "@/types/props";
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from "@headlessui/react";
import { useForm } from "@inertiajs/react";
import { useRef, useState } from "react";

const ROW_KEYS = { pieces: "label", carriers: "label", bands: "label" };

/** A band that comes from a merge has no number and no curve until it is saved. */
const drawn = (form: KitForm): KitForm => ({
    ...form,
    bands: form.bands.map((band) => ({ ...band, id: band.id ?? null, curve: band.curve ?? [] })),
});

const TABS = [
    ["Pieces and carriers", /^(pieces|carriers)/],
    ["Bands", /^bands/],
    ["Home and hands", /^(place|aids)/],
] as const;

export default function Kit(props: KitProps) {
    const { client, starter, ladders, grip, findings } = props;
    const form = useForm<KitForm>(props.form);
    const [made, setMade] = useState({ version: props.version, base: props.form });
    const kept = useKept(`${client.id}.kit`, `Kit: ${client.name}`, { form: form.data, made }, form.isDirty);
    const conflict = useConflict((met) => {
        setMade({ version: met.version, base: met.base as KitForm });
        form.setData(drawn(met.merged as KitForm));
    });
    const errors = form.errors as Errors;
    const focused = useRef<number | null>(null);
    // Saving a bottle says nothing about the rooms: they are kept only once someone has gone through them.
    const wentThrough = useRef(props.gone_through);
    const change = (part: Partial<KitForm>) => form.setData({ ...form.data, ...part });
    const weigh = (values: Reading["values"]) => {
        const mass_kg = values.mass_kg ?? "";
        const at = focused.current;
        const pieces = form.data.pieces;
        change({
            pieces:
                at !== null && pieces[at]
                    ? pieces.map((p, i) => (i === at ? { ...p, mass_kg, weighed: true } : p))
                    : [
                          ...pieces,
                          {
                              label: "Weighed thing",
                              mass_kg,
                              count: "1",
                              grip: "power",
                              worn_on: "limb",
                              holdable: true,
                              packable: true,
                              plate: false,
                              weighed: true,
                          },
                      ],
        });
    };
    const wrong = (match: RegExp) => Object.keys(errors).some((key) => match.test(key));
    return (
        <ClientShell client={client} stage="kit">
            <div className="grid gap-x-6 gap-y-4 xl:grid-cols-[minmax(0,1fr)_16rem]">
                <form
                    noValidate
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.transform((data) => ({
                            ...data,
                            ...made,
                            place: wentThrough.current
                                ? data.place
                                : { ...data.place, things: null as unknown as string[] },
                        }));
                        form.put(`/clients/${client.id}/kit`, {
                            preserveScroll: true,
                            // A saved band comes back with its number and its curve.
                            onSuccess: (page) => {
                                const saved = page.props as unknown as KitProps;
                                kept.saved();
                                setMade({ version: saved.version, base: saved.form });
                                form.setDefaults(saved.form);
                                form.setData(saved.form);
                            },
                        });
                    }}
                >
                    <KeptOffer
                        kept={kept}
                        onTake={(was) => {
                            form.setData(was.form);
                            setMade(was.made);
                        }}
                    />
                    <ConflictView
                        conflict={conflict}
                        save="Save kit"
                        onTheirs={(field, value) => form.setData(drawn(withTheirs(form.data, field, value, ROW_KEYS)))}
                    />
                    <TabGroup>
                        <TabList className="border-sand mb-2 flex gap-1 border-b">
                            {TABS.map(([name, match]) => (
                                <Tab
                                    key={name}
                                    className="data-selected:border-ink min-h-10 border-b-3 border-transparent px-3 font-medium data-selected:font-bold"
                                >
                                    {name}
                                    {wrong(match) && <span className="text-stop"> ◆</span>}
                                </Tab>
                            ))}
                        </TabList>
                        <TabPanels>
                            <TabPanel tabIndex={-1}>
                                <div className="mb-1 flex flex-wrap items-center justify-between gap-2">
                                    <FromDevices
                                        clientId={client.id}
                                        first={props.readings}
                                        only="mass_kg"
                                        use="use for the piece in hand"
                                        onUse={weigh}
                                    />
                                    <CsvDoor clientId={client.id} />
                                </div>
                                <Pieces
                                    pieces={form.data.pieces}
                                    starter={starter.pieces}
                                    errors={errors}
                                    onChange={(pieces) => change({ pieces })}
                                    onFocusPiece={(i) => (focused.current = i)}
                                />
                                <h2 className="mt-4 text-lg font-bold">To carry them in</h2>
                                <Carriers
                                    carriers={form.data.carriers}
                                    starter={starter.carriers}
                                    errors={errors}
                                    onChange={(carriers) => change({ carriers })}
                                />
                            </TabPanel>
                            <TabPanel tabIndex={-1}>
                                <Bands
                                    clientId={client.id}
                                    bands={form.data.bands}
                                    readings={props.readings}
                                    rungs={props.band_rungs}
                                    errors={errors}
                                    onChange={(bands) => change({ bands })}
                                />
                            </TabPanel>
                            <TabPanel tabIndex={-1}>
                                {!props.gone_through && (
                                    <p className="text-soft mb-2 text-sm">
                                        Not gone through yet: the usual things are taken to be there. Correct the ticks
                                        and save.
                                    </p>
                                )}
                                <Home
                                    things={props.things}
                                    anchors={props.anchors}
                                    known={props.aids_known}
                                    grip={grip}
                                    form={form.data}
                                    onChange={(part) => {
                                        wentThrough.current ||= part.place !== undefined;
                                        change(part);
                                    }}
                                />
                            </TabPanel>
                        </TabPanels>
                    </TabGroup>
                    <div className="border-sand bg-paper sticky bottom-0 mt-4 flex items-center gap-4 border-t py-3">
                        <Button tone="main" type="submit" data-save disabled={form.processing}>
                            Save kit
                        </Button>
                        {form.isDirty && (
                            <p className="text-soft text-sm">Not saved yet: the loads show the saved kit.</p>
                        )}
                        {Object.keys(errors).some((key) => key !== "version") && (
                            <p role="alert" className="text-stop text-sm">
                                Nothing was saved: some values need changing.
                            </p>
                        )}
                    </div>
                </form>
                <section aria-label="Loads this home can make">
                    {findings.length > 0 && (
                        <div className="border-hold bg-card mb-3 rounded-md border-l-4 p-2.5 text-sm">
                            <h2 className="font-bold">Before they start</h2>
                            {findings.map((finding) => (
                                <p key={finding} className="mt-1">
                                    <span aria-hidden="true">■ </span>
                                    {finding}
                                </p>
                            ))}
                        </div>
                    )}
                    <h2 className="text-lg font-bold">What it makes</h2>
                    <p className="text-soft text-sm">
                        Grip needed: none worn or cuff, hook a handle, soft a bag, power a can or bar, pinch. Theirs:
                        left {grip.left}, right {grip.right}. Up to {props.shown_to}.
                    </p>
                    {ladders.map((ladder) => (
                        <LadderView key={ladder.holding} ladder={ladder} />
                    ))}
                    <NextToBuy clientId={client.id} key={JSON.stringify(ladders)} />
                </section>
            </div>
        </ClientShell>
    );
}
