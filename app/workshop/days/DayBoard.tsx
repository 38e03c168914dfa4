import { DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from "@dnd-kit/core";
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import { useId } from "react";
import { useFetcher } from "react-router";
import { type DayView, dayAfter } from "../../../core/days/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { DayList } from "./DayList.tsx";
import { MonthGrid } from "./MonthGrid.tsx";
import type { NamedJob } from "./namedJob.ts";

/** How far a pointer goes before it drags, px: a press on an appointment is no drag. */
const DRAG_FROM = 4;

interface DayBoardProps {
  readonly day: string;
  readonly today: string;
  readonly zone: string;
  readonly view: DayView;
  readonly named: readonly NamedJob[];
}

/** How many days each arrow key moves an appointment. */
const KEYS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 };

/** The day beside its month: an appointment is dragged to another day, or moved there with the arrow keys. */
export function DayBoard({ day, today, zone, view, named }: DayBoardProps) {
  const fetcher = useFetcher<Unsaved>();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM } }));
  const move = (jobId: number, id: number, to: string) =>
    void fetcher.submit(
      { intent: "move", id: String(id), day: to, back: `/days?day=${to}` },
      { method: "post", action: `/jobs/${jobId}/sewing` },
    );
  const drop = ({ active, over }: DragEndEvent) => {
    const [jobId, id] = String(active.id).split("/").map(Number);
    if (over && jobId && id && String(over.id) !== day) move(jobId, id, String(over.id));
  };
  const refused = fetcher.data?.errors.form;
  return (
    <DndContext id={useId()} sensors={sensors} onDragEnd={drop}>
      {refused ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {refused}
        </Alert>
      ) : null}
      <Box sx={{ display: "grid", gap: 3, gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 420px" } }}>
        <DayList
          zone={zone}
          view={view}
          named={named}
          onKey={(key, jobId, id) => {
            const by = KEYS[key];
            if (by !== undefined) move(jobId, id, dayAfter(day, by));
            return by !== undefined;
          }}
        />
        <MonthGrid day={day} today={today} cells={view.month} named={named} label={`Month of ${formatDay(day)}`} />
      </Box>
    </DndContext>
  );
}
