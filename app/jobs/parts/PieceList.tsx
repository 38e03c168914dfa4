import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { useFetcher } from "react-router";
import type { PieceRow } from "../../../core/parts/index.ts";
import { FileButton } from "../../frame/LinkButton.tsx";
import { plainTable } from "../../frame/plainTable.ts";
import { Sentences } from "../../frame/Sentences.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Every piece to cut, with a box to tick beside it: large, since the other hand holds the shears. */
export function PieceList({
  jobId,
  rows,
  lines,
  cut,
  without,
  kept,
}: {
  jobId: number;
  rows: readonly PieceRow[];
  lines: readonly string[];
  cut: readonly string[];
  without: readonly string[];
  /** True where what is listed is kept: only then is it ticked. */
  kept: boolean;
}) {
  const wanted = rows.filter(({ id }) => !without.includes(id));
  const done = wanted.filter(({ id }) => cut.includes(id)).length;
  const advice = [...new Set(wanted.flatMap((row) => row.advice))];
  return (
    <Box component="section" aria-labelledby="pieces-to-cut" sx={{ mb: 2.5 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "baseline", columnGap: 2 }}>
        <Typography variant="h3" id="pieces-to-cut">
          Pieces to cut
        </Typography>
        <Typography role="status" sx={{ color: "text.secondary" }}>
          {`${done} of ${wanted.length} cut`}
        </Typography>
      </Box>
      <Paper sx={{ overflowX: "auto", mb: 1 }}>
        <Box component="table" aria-label="Pieces to cut" sx={plainTable}>
          <thead>
            <tr>
              <th scope="col">Cut</th>
              <th scope="col" style={{ width: "58%" }}>
                Piece
              </th>
              <th scope="col">How many, how</th>
              <th scope="col" className="no-print" />
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <OneRow key={row.id} row={row} cut={cut.includes(row.id)} out={without.includes(row.id)} kept={kept} />
            ))}
          </tbody>
        </Box>
      </Paper>
      {kept ? null : (
        <Typography sx={{ fontSize: "0.9rem", color: "text.secondary", mb: 1 }}>
          Keep the decisions, then tick.
        </Typography>
      )}
      {lines.length > 0 ? (
        <Typography sx={{ mb: 1 }}>{`Lines to cut where a piece has several: ${lines.join(", ")}.`}</Typography>
      ) : null}
      <Sentences label="What the cloths' tests say against it" items={advice} />
      <Box className="no-print" sx={{ display: "flex", gap: 1 }}>
        <FileButton to={`/jobs/${jobId}/parts/pdf`}>Print, to tick</FileButton>
        <FileButton to={`/jobs/${jobId}/parts/csv`}>List, CSV</FileButton>
      </Box>
    </Box>
  );
}

const upper = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

function OneRow({ row, cut, out, kept }: { row: PieceRow; cut: boolean; out: boolean; kept: boolean }) {
  const lengths = useLengths();
  const fetcher = useFetcher();
  // What was pressed shows at once; once it is kept, or was not, what is kept shows again.
  const [pressed, setPressed] = useState<boolean | null>(null);
  useEffect(() => {
    if (fetcher.state === "idle") setPressed(null);
  }, [fetcher.state]);
  const tick = (list: "cut" | "without", on: boolean) =>
    void fetcher.submit({ intent: "tick", list, piece: row.id, on: on ? "yes" : "" }, { method: "post" });
  const { name, count, how, cloth, allowances, links, drawn, advice } = row;
  return (
    <tr style={out ? { textDecoration: "line-through" } : undefined}>
      <td>
        <Checkbox
          checked={(pressed ?? cut) && !out}
          disabled={!kept || out}
          onChange={(event) => {
            setPressed(event.target.checked);
            tick("cut", event.target.checked);
          }}
          slotProps={{ input: { "aria-label": `${name}, cut` } }}
          sx={{ p: 1, "& svg": { fontSize: 30 } }}
        />
      </td>
      <th scope="row" className="words">
        <Box sx={{ fontSize: "1.05rem", fontWeight: 650 }}>{drawn ? name : `${name} (not drawn)`}</Box>
        <Box sx={{ fontWeight: 400, fontSize: "0.9rem", color: "text.secondary", whiteSpace: "normal" }}>
          {`${upper(cloth)}. ${upper(lengths.told(allowances))}${links.length > 0 ? `. Changes with ${links.join(", ").toLowerCase()}` : ""}.`}
          {advice.length > 0 ? " Laid against its tests: see below." : ""}
        </Box>
      </th>
      <td style={{ whiteSpace: "normal" }}>{`${count}, ${how}`}</td>
      <td className="no-print">
        <Button
          size="small"
          sx={{ whiteSpace: "nowrap" }}
          disabled={!kept}
          onClick={() => tick("without", !out)}
          aria-label={out ? `${name}, wanted after all` : `${name}, not for this garment`}
        >
          {out ? "Wanted" : "Not this"}
        </Button>
      </td>
    </tr>
  );
}
