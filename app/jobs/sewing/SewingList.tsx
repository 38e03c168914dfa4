import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import { useEffect } from "react";
import { useFetcher, useRevalidator } from "react-router";
import type { SewingRow } from "../../../core/sewing/index.ts";
import { SortableRow } from "../../form/rows/SortableRow.tsx";
import { SortableRows } from "../../form/rows/SortableRows.tsx";
import type { Unsaved } from "../../form/unsaved.ts";
import { SewingStepRow } from "./SewingStepRow.tsx";

interface SewingListProps {
  readonly rows: readonly SewingRow[];
  /** The maker's own order as it is kept; empty while every step stands where it usually does. */
  readonly kept: readonly string[];
  readonly timed: { readonly step: string; readonly since: string } | null;
}

/** The steps in their order, moved by their handles or with the arrow keys. */
export function SewingList({ rows, kept, timed }: SewingListProps) {
  const fetcher = useFetcher<Unsaved>();
  const { revalidate } = useRevalidator();
  const refused = fetcher.data?.errors.form;
  // The router reads nothing anew after a refusal: what another window has made of the order is what is asked for.
  useEffect(() => {
    if (fetcher.data?.errors.form) void revalidate();
  }, [fetcher.data, revalidate]);
  // What was dropped stands there at once; what is kept shows again once it is, or was not.
  const sent = fetcher.formData?.get("order");
  const order = typeof sent === "string" ? sent.split(" ") : rows.map(({ id }) => id);
  const shown = order.flatMap((id) => rows.find((row) => row.id === id) ?? []);
  const list = {
    rows: shown.map(({ id }, index) => ({ key: id, name: id, index })),
    move: (from: number, to: number) => {
      const ids = shown.map(({ id }) => id);
      const [taken] = ids.splice(from, 1);
      if (taken) ids.splice(to, 0, taken);
      const before = typeof sent === "string" ? sent : kept.join(" ");
      void fetcher.submit({ intent: "order", order: ids.join(" "), before }, { method: "post" });
    },
    add: () => undefined,
    remove: () => undefined,
  };
  return (
    <SortableRows {...list} what="step">
      {refused ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          {refused}
        </Alert>
      ) : null}
      <Paper component="ol" aria-label="Steps of sewing" sx={{ p: 0, m: 0, mb: 2, listStyle: "none" }}>
        {shown.map((row, index) => (
          <SortableRow
            key={row.id}
            list={list}
            row={{ key: row.id, name: row.id, index }}
            label={`step ${index + 1}, ${row.name.toLowerCase()}`}
            component="li"
          >
            {({ handle }) => (
              <Box sx={{ borderBottom: 1, borderColor: "divider" }}>
                <SewingStepRow row={row} handle={handle} since={timed?.step === row.id ? timed.since : null} />
              </Box>
            )}
          </SortableRow>
        ))}
      </Paper>
    </SortableRows>
  );
}
