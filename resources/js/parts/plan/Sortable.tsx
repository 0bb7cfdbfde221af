import { DndContext, KeyboardSensor, PointerSensor, closestCenter, useSensor, useSensors } from "@dnd-kit/core";
import {
    SortableContext,
    sortableKeyboardCoordinates,
    useSortable,
    verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import type { ReactNode } from "react";

/** What may be put into another order, by pointer and by keyboard: space takes it up, the arrows move it, space lays it down. */
export default function Sortable({
    ids,
    onMove,
    children,
}: {
    ids: number[];
    /** To which place, 1 first. */
    onMove: (id: number, to: number) => void;
    children: ReactNode;
}) {
    const sensors = useSensors(
        useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
        useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
    );
    return (
        <DndContext
            sensors={sensors}
            collisionDetection={closestCenter}
            onDragEnd={({ active, over }) => {
                if (over && over.id !== active.id) {
                    onMove(Number(active.id), ids.indexOf(Number(over.id)) + 1);
                }
            }}
        >
            <SortableContext items={ids} strategy={verticalListSortingStrategy}>
                {children}
            </SortableContext>
        </DndContext>
    );
}

/** One of them, with the handle that moves it. */
export function Movable({
    id,
    name,
    children,
}: {
    id: number;
    name: string;
    children: (handle: ReactNode) => ReactNode;
}) {
    const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
        id,
    });
    return (
        <div
            ref={setNodeRef}
            style={{
                transform: transform ? `translate3d(0, ${Math.round(transform.y)}px, 0)` : undefined,
                transition: transition ?? undefined,
            }}
            className={isDragging ? "bg-card relative z-10 rounded-lg shadow-lg" : ""}
        >
            {children(
                <button
                    type="button"
                    ref={setActivatorNodeRef}
                    {...attributes}
                    {...listeners}
                    aria-label={`Move ${name}: space to take it up, arrows, space to lay it down`}
                    className="text-soft hover:bg-shallow min-h-8 min-w-8 cursor-grab touch-none rounded-md"
                >
                    <span aria-hidden="true">↕</span>
                </button>,
            )}
        </div>
    );
}
