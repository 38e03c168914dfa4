import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Paper from "@mui/material/Paper";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { useFetcher } from "react-router";
import { capital } from "../../../core/capital.ts";
import type { PartOfStyle, PieceRow } from "../../../core/parts/index.ts";
import { CutFileButton } from "../../frame/CutFileButton.tsx";
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
  belongs,
  parts,
  kept,
}: {
  jobId: number;
  rows: readonly PieceRow[];
  lines: readonly string[];
  cut: readonly string[];
  without: readonly string[];
  /** To which part each piece of a bought pattern goes. */
  belongs: Readonly<Record<string, string>>;
  /** Parts such a piece may go with. */
  parts: readonly PartOfStyle[];
  /** True where what is listed is kept: only then is it ticked. */
  kept: boolean;
}) {
  const wanted = rows.filter(({ apart, id }) => apart === null && !without.includes(id));
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
              <OneRow
                key={row.id}
                row={row}
                cut={cut.includes(row.id)}
                out={without.includes(row.id)}
                part={belongs[row.id] ?? ""}
                parts={row.own ? parts : []}
                kept={kept}
              />
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
        <CutFileButton to={`/jobs/${jobId}/parts/pdf`}>Print, to tick</CutFileButton>
        <CutFileButton to={`/jobs/${jobId}/parts/csv`}>List, CSV</CutFileButton>
      </Box>
    </Box>
  );
}

interface OneRowProps {
  readonly row: PieceRow;
  readonly cut: boolean;
  /** True where the maker does without it. */
  readonly out: boolean;
  readonly part: string;
  /** Parts it may go with; none where its recipe says. */
  readonly parts: readonly PartOfStyle[];
  readonly kept: boolean;
}

function OneRow({ row, cut, out: refused, part, parts, kept }: OneRowProps) {
  const lengths = useLengths();
  const fetcher = useFetcher();
  // What was pressed shows at once; once it is kept, or was not, what is kept shows again.
  const [pressed, setPressed] = useState<boolean | null>(null);
  useEffect(() => {
    if (fetcher.state === "idle") setPressed(null);
  }, [fetcher.state]);
  const tick = (list: "cut" | "without", on: boolean) =>
    void fetcher.submit({ intent: "tick", list, piece: row.id, on: on ? "yes" : "" }, { method: "post" });
  const { name, count, how, cloth, allowances, links, drawn, advice, apart } = row;
  const out = refused || apart !== null;
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
          {`${capital(cloth)}. ${capital(lengths.told(allowances))}${links.length > 0 ? `. Changes with ${links.join(", ").toLowerCase()}` : ""}.`}
          {advice.length > 0 ? " Laid against its tests: see below." : ""}
        </Box>
        {parts.length > 0 ? (
          <TextField
            select
            size="small"
            label="Goes with"
            value={part}
            disabled={!kept}
            onChange={({ target }) =>
              void fetcher.submit({ intent: "part", piece: row.id, part: target.value }, { method: "post" })
            }
            helperText={apart}
            className="no-print"
            slotProps={{
              select: { native: true },
              htmlInput: { "aria-label": `${name}, goes with` },
              inputLabel: { shrink: true },
            }}
            sx={{ mt: 1, mb: 0.5, minWidth: 240 }}
          >
            <option value="">every choice</option>
            {parts.map(({ value, label }) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </TextField>
        ) : null}
      </th>
      <td style={{ whiteSpace: "normal" }}>{`${count}, ${how}`}</td>
      <td className="no-print">
        <Button
          size="small"
          sx={{ whiteSpace: "nowrap" }}
          disabled={!kept}
          onClick={() => tick("without", !refused)}
          aria-label={refused ? `${name}, wanted after all` : `${name}, not for this garment`}
        >
          {refused ? "Wanted" : "Not this"}
        </Button>
      </td>
    </tr>
  );
}
