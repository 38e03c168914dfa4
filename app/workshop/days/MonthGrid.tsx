import { useDroppable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import { Link } from "react-router";
import { type DayCell, WEEKDAYS } from "../../../core/days/index.ts";
import { minuteWords } from "../../../core/sewing/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import type { NamedJob } from "./namedJob.ts";

interface MonthGridProps {
  readonly day: string;
  readonly today: string;
  readonly cells: readonly DayCell[];
  readonly named: readonly NamedJob[];
  readonly label: string;
}

/** A month at a glance, a link a day: what is met for, what is wanted, and how much there is to sew. */
export function MonthGrid({ day, today, cells, named, label }: MonthGridProps) {
  return (
    <Box component="section" aria-label={label}>
      <Box sx={{ fontWeight: 700, mb: 0.5 }}>{formatDay(day).replace(/^\d+ /, "")}</Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(7, minmax(0, 1fr))", gap: "3px" }}>
        {WEEKDAYS.map((name) => (
          <Box key={name} sx={{ fontSize: "0.8rem", color: "text.secondary", textAlign: "center" }}>
            {name.slice(0, 2)}
          </Box>
        ))}
        {cells.map((cell) => (
          <OneDay key={cell.day} cell={cell} shown={cell.day === day} today={cell.day === today} named={named} />
        ))}
      </Box>
      <Box sx={{ fontSize: "0.85rem", color: "text.secondary", mt: 1 }}>
        Dots are appointments, the bar the hours to sew, a corner a day something is wanted. Drag an appointment to
        another day, or move it with the arrow keys.
      </Box>
    </Box>
  );
}

/** A day is full of work from so many minutes on. */
const FULL_MIN = 450;

/** No more dots have room. */
const DOTS = ["1", "2", "3", "4", "5"] as const;

function OneDay({
  cell: { day, inMonth, meetings, workMin, wanted },
  shown,
  today,
  named,
}: {
  cell: DayCell;
  shown: boolean;
  today: boolean;
  named: readonly NamedJob[];
}) {
  const { setNodeRef, isOver } = useDroppable({ id: day });
  const names = wanted.map((jobId) => named.find((one) => one.jobId === jobId)?.name ?? "");
  const words = [
    formatDay(day),
    ...(meetings > 0 ? [meetings === 1 ? "1 appointment" : `${meetings} appointments`] : []),
    ...(workMin > 0 ? [`${minuteWords(workMin)} to sew`] : []),
    ...(names.length > 0 ? [`wanted: ${names.join(", ")}`] : []),
  ].join(", ");
  return (
    <Box
      component={Link}
      to={`/days?day=${day}`}
      ref={setNodeRef}
      aria-label={words}
      title={words}
      aria-current={shown ? "date" : undefined}
      sx={{
        display: "block",
        position: "relative",
        height: 54,
        p: 0.5,
        textDecoration: "none",
        color: inMonth ? "text.primary" : "text.secondary",
        bgcolor: isOver ? "action.hover" : inMonth ? "background.paper" : "background.default",
        border: shown ? 2 : 1,
        borderColor: shown ? "primary.main" : "divider",
        overflow: "hidden",
      }}
    >
      <Box
        component="span"
        sx={{ fontSize: "0.9rem", fontWeight: today ? 800 : 400, textDecoration: today ? "underline" : "none" }}
      >
        {Number(day.slice(8))}
      </Box>
      <Box sx={{ display: "flex", gap: "3px", mt: "2px" }}>
        {DOTS.slice(0, meetings).map((dot) => (
          <Box key={dot} sx={{ width: 6, height: 6, borderRadius: "50%", bgcolor: "primary.main" }} />
        ))}
      </Box>
      {workMin > 0 ? (
        <Box
          sx={{
            position: "absolute",
            left: 4,
            bottom: 4,
            height: 5,
            width: `calc(${Math.min(1, workMin / FULL_MIN) * 100}% - 8px)`,
            minWidth: 3,
            bgcolor: "secondary.main",
          }}
        />
      ) : null}
      {wanted.length > 0 ? (
        <Box
          sx={{
            position: "absolute",
            right: 0,
            top: 0,
            borderTop: "12px solid",
            borderLeft: "12px solid transparent",
            borderTopColor: "primary.main",
          }}
        />
      ) : null}
    </Box>
  );
}
