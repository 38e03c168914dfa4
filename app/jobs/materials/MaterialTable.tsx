import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import type { MaterialRow } from "../../../core/materials/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { Why } from "../../frame/why/WhyDrawer.tsx";

/** What each material is counted in. */
const UNIT_WORDS = { m: "m", pc: "pc" } as const;

/** What is needed, what is there, what is bought. */
export const MaterialTable = ({ rows }: { rows: readonly MaterialRow[] }) => (
  <Paper sx={{ overflowX: "auto", mb: 2 }}>
    <Box component="table" aria-label="Materials" sx={plainTable}>
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col" className="number">
            Needed
          </th>
          <th scope="col" className="number">
            On the shelf
          </th>
          <th scope="col" className="number">
            To buy
          </th>
          <th scope="col" className="number">
            Costs
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ id, name, what, unit, need, there, buy, cost }) => (
          <tr key={id}>
            <th scope="row" className="words">
              {name}
              <Box sx={{ fontWeight: 400, fontSize: "0.88rem", color: "text.secondary" }}>{what}</Box>
            </th>
            <td className="number">{`${told(need)} ${UNIT_WORDS[unit]}`}</td>
            <td className="number">{there === null ? "—" : `${told(there)} ${UNIT_WORDS[unit]}`}</td>
            <td className="number strong">
              <Why label={buy.title} explain={() => buy}>
                {buy.result.value === 0 ? "nothing" : `${told(buy.result.value)} ${UNIT_WORDS[unit]}`}
              </Why>
            </td>
            <td className="number">
              {cost ? (
                <Why label={cost.title} explain={() => cost}>
                  {cost.result.value.toFixed(2)}
                </Why>
              ) : (
                "—"
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </Box>
  </Paper>
);

/** A number without digits that say nothing. */
const told = (value: number): string => String(Math.round(value * 100) / 100);
