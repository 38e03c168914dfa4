import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import TextField from "@mui/material/TextField";
import { type ReactNode, useEffect, useState } from "react";
import { useFetcher } from "react-router";
import { minuteWords, type SewingRow } from "../../../core/sewing/index.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { RunningTime } from "./RunningTime.tsx";

interface SewingStepRowProps {
  readonly row: SewingRow;
  readonly handle: ReactNode;
  /** Since when it is timed, UTC; null while it is not. */
  readonly since: string | null;
}

const expectedWords = ({ expected: { minutes, from, times }, restMin }: SewingRow): string => {
  if (from === "none") return "";
  const work = from === "own times" ? `${minuteWords(minutes)}, by ${times} times` : `${minuteWords(minutes)}, a guess`;
  return restMin === 0 ? work : `${work}; then ${minuteWords(restMin)} left alone`;
};

/** One step: ticked with one hand, timed, its minutes typed over. */
export function SewingStepRow({ row, handle, since }: SewingStepRowProps) {
  const fetcher = useFetcher<Unsaved>();
  const send = (fields: Record<string, string>) => void fetcher.submit({ step: row.id, ...fields }, { method: "post" });
  // What was pressed shows at once; once it is kept, or was not, what is kept shows again.
  const [pressed, setPressed] = useState<boolean | null>(null);
  useEffect(() => {
    if (fetcher.state === "idle") setPressed(null);
  }, [fetcher.state]);
  const done = pressed ?? row.doneAt !== null;
  const error = fetcher.data?.errors;
  const spent = row.spentMin === 0 ? "" : String(Math.round(row.spentMin * 10) / 10);
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "36px 44px minmax(0, 1fr)", sm: "36px 44px minmax(0, 1fr) auto" },
        alignItems: "center",
        columnGap: 0.5,
        px: 1,
        py: 0.75,
      }}
    >
      <Box className="no-print">{handle}</Box>
      <Checkbox
        checked={done}
        disabled={row.left}
        onChange={({ target }) => {
          setPressed(target.checked);
          send({ intent: "done", on: target.checked ? "yes" : "" });
        }}
        slotProps={{ input: { "aria-label": `${row.name}, done` } }}
        sx={{ p: 0.75, "& svg": { fontSize: 30 } }}
      />
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ fontWeight: 650, textDecoration: row.left ? "line-through" : "none" }}>{row.name}</Box>
        <Words row={row} />
        {error ? (
          <Box role="alert" sx={{ color: "error.main", fontSize: "0.92rem" }}>
            {Object.values(error).join(" ")}
          </Box>
        ) : null}
      </Box>
      <Box
        sx={{ display: "flex", alignItems: "center", gap: 1, justifyContent: "flex-end", gridColumn: { xs: 3, sm: 4 } }}
      >
        <Box sx={{ color: "text.secondary", fontSize: "0.9rem", textAlign: "right", minWidth: 120 }}>
          {row.doneAt === null ? expectedWords(row) : ""}
        </Box>
        <TextField
          key={row.spentMin}
          size="small"
          defaultValue={spent}
          onBlur={({ target }) => {
            if (target.value.trim() !== spent) send({ intent: "minutes", minutes: target.value });
          }}
          onKeyDown={(event) => {
            if (event.key === "Enter") (event.target as HTMLInputElement).blur();
          }}
          slotProps={{
            htmlInput: { inputMode: "decimal", "aria-label": `${row.name}, minutes sewn` },
            input: { endAdornment: <span>min</span> },
          }}
          sx={{ width: 104 }}
        />
        <Button
          className="no-print"
          variant={since ? "contained" : "outlined"}
          size="small"
          disabled={row.left}
          onClick={() => send(since ? { intent: "stop" } : { intent: "start" })}
          aria-label={since ? `Stop timing, ${row.name}` : `Time it, ${row.name}`}
          sx={{ minWidth: 92 }}
        >
          {since ? <RunningTime since={since} beforeMin={row.spentMin} /> : "Time it"}
        </Button>
        <Button
          className="no-print"
          size="small"
          onClick={() => send(row.own ? { intent: "remove" } : { intent: "left", on: row.left ? "" : "yes" })}
          aria-label={`${row.own ? "Take away" : row.left ? "Wanted after all" : "Not for this garment"}, ${row.name}`}
          sx={{ minWidth: 78 }}
        >
          {row.own ? "Take away" : row.left ? "Wanted" : "Not this"}
        </Button>
      </Box>
    </Box>
  );
}

function Words({ row: { how, fit, problems, putOff } }: { row: SewingRow }) {
  return (
    <Box sx={{ fontSize: "0.92rem", color: "text.secondary" }}>
      {how ? <div>{how}</div> : null}
      {fit ? (
        <Box sx={{ color: "text.primary" }}>
          <strong>Try on: </strong>
          {fit}
        </Box>
      ) : null}
      {putOff.map((words) => (
        <Box key={words} sx={{ color: "text.primary", borderLeft: "4px solid", borderColor: "primary.main", pl: 1 }}>
          <strong>Waits for this: </strong>
          {words}
        </Box>
      ))}
      {problems.map((words) => (
        <Box key={words} sx={{ color: "warning.main", fontWeight: 600 }}>
          {words}
        </Box>
      ))}
    </Box>
  );
}
