import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import type { Reckoned } from "../../../core/calculation/index.ts";
import { CORSET_LEVEL_NAMES, type CorsetPlan } from "../../../core/corset/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { ReckonedValue } from "../calculation/NumberList.tsx";

/** Every level from the top down: the body, and what closes round it. */
export function LevelTable({ plan, numbers }: { plan: CorsetPlan; numbers: readonly Reckoned[] }) {
  const lengths = useLengths();
  const cell = (id: string, own = "number") => {
    const number = numbers.find((one) => one.id === id);
    return <td className={own}>{number ? <ReckonedValue number={number} /> : "—"}</td>;
  };
  return (
    <Paper sx={{ overflowX: "auto", mb: 2 }}>
      <Box component="table" aria-label="Level by level" sx={plainTable}>
        <thead>
          <tr>
            <th scope="col">Level</th>
            <th scope="col" className="number">
              Body
            </th>
            <th scope="col" className="number">
              Closed
            </th>
            <th scope="col" className="number">
              Taken off
            </th>
            <th scope="col" className="number">
              Pattern
            </th>
            {plan.layers ? (
              <th scope="col" className="number">
                Inside
              </th>
            ) : null}
          </tr>
        </thead>
        <tbody>
          {plan.levels.map(({ level, bodyMm }) => (
            <tr key={level}>
              <th scope="row" className="words">
                {CORSET_LEVEL_NAMES[level]}
              </th>
              {level === "lowerEdge" && plan.between ? (
                cell("body.lowerEdge")
              ) : (
                <td className="number">{lengths.length(bodyMm)}</td>
              )}
              {cell(`closed.${level}`, "number strong")}
              {cell(`reduction.${level}`)}
              {cell(`pattern.${level}`)}
              {plan.layers ? cell(`inner.${level}`) : null}
            </tr>
          ))}
        </tbody>
      </Box>
    </Paper>
  );
}
