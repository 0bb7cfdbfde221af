import ClientShell from "@/parts/ClientShell";
import Faults from "@/parts/Faults";
import type { FaultProps } from "@/types/props";
import { Link } from "@inertiajs/react";

/** In place of a stage of a client whose record cannot be computed with. */
export default function Fault({ client, faults }: FaultProps) {
    return (
        <ClientShell client={client} stage="">
            <Faults clientId={client.id} faults={faults} />
            <Link className="text-water underline" href={`/clients/${client.id}/screen`}>
                To Screen, to correct it
            </Link>
        </ClientShell>
    );
}
