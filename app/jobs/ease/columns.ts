import type { Theme } from "@mui/material/styles";
import {
  type Consequences,
  choiceFor,
  type EaseChoice,
  girthBy,
  SCHOOLS,
  type SchoolId,
  type ZonePlan,
} from "../../../core/ease/index.ts";

/** One column of the plan: a school, or the girth of the maker's own. */
export interface PlanColumn {
  readonly id: SchoolId | "own";
  readonly name: string;
}

/** The columns of a plan: the style's schools, and the maker's own where any zone has one. */
export function columnsOf(schools: readonly SchoolId[], zones: readonly ZonePlan[]): PlanColumn[] {
  const own = zones.some(({ chosen }) => chosen?.choice.by === "own");
  return [
    ...SCHOOLS.filter(({ id }) => schools.includes(id)).map(({ id, name }) => ({ id, name })),
    ...(own ? [{ id: "own", name: "Your own" } as const] : []),
  ];
}

/** What a column does in a zone; null where it has no answer. */
export const consequencesIn = (plan: ZonePlan, { id }: PlanColumn): Consequences | null =>
  id === "own" ? (plan.chosen?.choice.by === "own" ? plan.chosen.consequences : null) : girthBy(id, plan);

/** True where a column rules a zone. */
export const rules = (choice: EaseChoice, plan: ZonePlan, { id }: PlanColumn): boolean =>
  choiceFor(choice, plan.zone)?.by === id;

/** One or two columns stay narrow, so that a number stands near the name of its row. */
export const tableWidth = (columns: readonly PlanColumn[]) =>
  columns.length < 3 ? { width: "auto", minWidth: 420 } : {};

/** Class of a cell of the chosen column. */
export const columnClass = (chosen: boolean): string => (chosen ? "chosen" : "");

/** A table of the plan: the chosen column sunken between two lines, and the parts of its many cells by class. */
export const planTable = {
  "& th, & td": { px: 1.25, py: 0.75, verticalAlign: "top" },
  "& tr:last-child > *": { borderBottom: 0 },
  "& .chosen": {
    bgcolor: "bench.sunken",
    boxShadow: (t: Theme) => `inset 2px 0 ${t.vars.palette.primary.main}, inset -2px 0 ${t.vars.palette.primary.main}`,
  },
  "& .girth": { fontSize: "1.15rem", fontWeight: 750, whiteSpace: "nowrap" },
  "& .quiet": { color: "text.secondary" },
  "& .small": { fontSize: "0.85rem" },
  "& .uncut": { whiteSpace: "nowrap" },
  "& .beside": { display: "flex", flexWrap: "wrap", gap: 0.75, justifyContent: "flex-end", alignItems: "center" },
} as const;
