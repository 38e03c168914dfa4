import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import type { Reckoned } from "../../../core/calculation/index.ts";
import { CORSET_LEVEL_NAMES, CORSET_LEVELS } from "../../../core/corset/index.ts";
import { type Draft, girthsOf } from "../../../core/drafting/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";

/** Panel by level, finished with what is cut below it; all of them against the pattern girth. */
export function PanelTable({ draft, numbers }: { draft: Draft; numbers: readonly Reckoned[] }) {
  const lengths = useLengths();
  const byId = new Map(numbers.map((number) => [number.id, number]));
  const levels = CORSET_LEVELS.filter((level) => draft.levels.some((one) => one.level === level));
  const { girths } = girthsOf(draft);
  const opened = (id: string) => {
    const number = byId.get(id);
    return number ? (
      <Why label={number.name} explain={() => number.explanation}>
        {lengths.bare(number.explanation.result.value)}
      </Why>
    ) : (
      "—"
    );
  };
  return (
    <Paper sx={{ overflowX: "auto", mb: 2 }}>
      <Box component="table" aria-label="Panels, level by level" sx={plainTable}>
        <thead>
          <tr>
            <th scope="col">Panel, cut below, {lengths.unit}</th>
            {levels.map((level) => (
              <th key={level} scope="col" className="number">
                {CORSET_LEVEL_NAMES[level]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {draft.pieces.map(({ id, name }) => (
            <tr key={id}>
              <th scope="row" className="words">
                {name.replace("Panel ", "")}
              </th>
              {levels.map((level) => (
                <td key={level} className="number">
                  <strong>{opened(`${id}.${level}`)}</strong>
                  <Box component="span" sx={{ display: "block", color: "text.secondary", fontSize: "0.85rem" }}>
                    {opened(`${id}.${level}.cut`)}
                  </Box>
                </td>
              ))}
            </tr>
          ))}
          <tr>
            <th scope="row" className="words group">
              Both sides
            </th>
            {levels.map((level) => {
              const girth = girths.find((one) => one.level === level);
              const off = girth ? Math.abs(girth.piecesMm - girth.plannedMm) : 0;
              // The gap is no panel's.
              const besideMm = draft.levels.find((one) => one.level === level)?.besideMm ?? 0;
              return (
                <td key={level} className={`number group${off > SUM_MM ? " off" : ""}`}>
                  {girth ? lengths.bare(girth.piecesMm - besideMm) : "—"}
                </td>
              );
            })}
          </tr>
        </tbody>
      </Box>
    </Paper>
  );
}

/** Panels add up to their girth within this, mm. */
const SUM_MM = 1;
