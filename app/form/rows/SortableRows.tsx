import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { type ReactNode, useId } from "react";
import type { Rows } from "./useRows.ts";

/** How far a pointer goes before it drags, px: a click on the handle is no drag. */
const DRAG_FROM = 4;

/** Lets the rows of a list be moved by their handles, with the pointer, a finger or the arrow keys. */
export function SortableRows({ rows, move, what, children }: Rows & { what: string; children: ReactNode }) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const keys = rows.map(({ key }) => key);
  const placeOf = (key: unknown) => keys.indexOf(String(key)) + 1;
  const drop = ({ active, over }: DragEndEvent) => {
    const [from, to] = [placeOf(active.id), placeOf(over?.id)];
    if (from > 0 && to > 0 && from !== to) move(from - 1, to - 1);
  };
  const at = (key: unknown) => `${what} ${placeOf(key)} of ${keys.length}`;
  return (
    <DndContext
      // The library's own count of its contexts differs between server and browser.
      id={useId()}
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{
        screenReaderInstructions: {
          draggable: "Press space to take it up, the arrow keys to move it, space to put it down, Escape to leave it.",
        },
        announcements: {
          onDragStart: ({ active }) => `Took up ${at(active.id)}.`,
          onDragOver: ({ over }) => (over ? `Over the place of ${at(over.id)}.` : undefined),
          onDragEnd: ({ over }) => (over ? `Put down at ${at(over.id)}.` : "Put back."),
          onDragCancel: () => "Left where it was.",
        },
      }}
    >
      <SortableContext items={keys} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}
