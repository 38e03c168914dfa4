import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import type { LayoutId } from "../../../core/layout/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { SEARCH_S, type Search } from "./useSearch.ts";

/** Shorter by less than this is not worth a word, mm. */
const SHORTER_MM = 0.5;

/** Searches for a shorter layout, says how far it is, and keeps what was found. */
export function SearchPanel({
  id,
  version,
  search: { running, so, start, stop },
  nowMm,
  from,
  leastMm,
  kept,
  error,
}: {
  id: LayoutId;
  version: number;
  search: Search;
  /** Of the layout as it is kept, or the first one. */
  nowMm: number;
  from: "kept" | "boxes";
  leastMm: number;
  kept: boolean;
  error: string | undefined;
}) {
  const lengths = useLengths();
  const shorterMm = so ? nowMm - so.lengthMm : 0;
  const better = so && (shorterMm > SHORTER_MM || from === "boxes");
  return (
    <Box component="section" aria-label="A shorter layout" className="no-print">
      <Typography sx={{ mb: 1 }}>
        {from === "kept" ? "As it was kept." : "A first one, by the boxes round the pieces."}{" "}
        {nowMm - leastMm <= SHORTER_MM
          ? "None can be shorter."
          : `No layout can be shorter than ${lengths.length(leastMm)}.`}
      </Typography>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mb: 1 }}>
        {running ? (
          <Button variant="outlined" onClick={stop}>
            Stop, and have the best so far
          </Button>
        ) : nowMm - leastMm <= SHORTER_MM ? null : (
          <Button variant={better ? "outlined" : "contained"} onClick={start}>
            {so ? "Search on" : "Search a shorter one"}
          </Button>
        )}
        {better && !running ? (
          <Form method="post" preventScrollReset>
            <input type="hidden" name="intent" value="best" />
            <input type="hidden" name="working" value={id} />
            <input type="hidden" name="version" value={version} />
            <input type="hidden" name="best" value={JSON.stringify(so.best)} />
            <Button type="submit" variant="contained" disabled={!kept}>
              Keep this layout
            </Button>
          </Form>
        ) : null}
      </Box>
      {better && !running && !kept ? (
        <Typography sx={{ fontSize: "0.9rem", color: "text.secondary" }}>
          Keep what is typed beside it first.
        </Typography>
      ) : null}
      <Box role="status" sx={{ "&:empty": { display: "none" } }}>
        {running ? (
          <LinearProgress
            aria-label="Searching"
            {...(so ? { variant: "determinate" as const, value: Math.min(100, (100 * so.seconds) / SEARCH_S) } : {})}
            sx={{ mb: 0.5 }}
          />
        ) : null}
        {so ? (
          <Typography sx={{ fontSize: "0.95rem" }}>
            {`${so.tried} layouts tried; the best is ${lengths.length(so.lengthMm)}`}
            {shorterMm > SHORTER_MM
              ? `, ${lengths.amount(shorterMm)} shorter (${((100 * shorterMm) / nowMm).toFixed(1)} %).`
              : ", no shorter than the one there is."}
            {so.least ? " None can be shorter." : ""}
          </Typography>
        ) : null}
      </Box>
      {error ? (
        <Alert severity="error" sx={{ mt: 1 }}>
          {error}
        </Alert>
      ) : null}
    </Box>
  );
}
