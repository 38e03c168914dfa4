import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import TableSortLabel from "@mui/material/TableSortLabel";
import { createColumnHelper, rowSortingFeature, tableFeatures, useTable } from "@tanstack/react-table";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { stretchClassOf } from "../../../core/cloth/index.ts";
import { findingKindOf, spotOf } from "../../../core/fitting/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import type { FindingOrder, FoundFindings } from "../../../data/fitting/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { COLUMN_ORDERS } from "./findingOrder.ts";

type Found = FoundFindings["rows"][number];

/** Sorting and paging are the server's: the table knows which column is asked for, and draws. */
const features = tableFeatures({ rowSortingFeature });
const column = createColumnHelper<typeof features, Found>();

const columns = column.columns([
  column.display({ id: "seen", header: "Seen", cell: ({ row }) => <Seen row={row.original} /> }),
  column.display({ id: "amount", header: "Read", cell: ({ row }) => <Amount mm={row.original.amountMm} /> }),
  column.display({ id: "done", header: "Done", cell: ({ row }) => <Done row={row.original} /> }),
  column.display({ id: "left", header: "What it did", cell: ({ row }) => <Outcome row={row.original} /> }),
  column.display({ id: "note", header: "Note", cell: ({ row }) => row.original.note }),
  column.display({ id: "fitted", header: "Job", cell: ({ row }) => <Job row={row.original} /> }),
]);

interface FindingTableProps {
  readonly rows: readonly Found[];
  readonly order: FindingOrder;
  /** What was searched for, by the names in the address. */
  readonly query: Readonly<Record<string, string>>;
}

/** The findings of a search; a press on a heading puts them in another order. */
export function FindingTable({ rows, order, query }: FindingTableProps) {
  const table = useTable({ features, columns, data: rows as Found[], manualSorting: true });
  return (
    <Paper sx={{ overflowX: "auto" }}>
      <Table aria-label="Findings" size="small">
        <TableHead>
          {table.getHeaderGroups().map(({ id, headers }) => (
            <TableRow key={id}>
              {headers.map((header) => (
                <Heading key={header.id} id={header.id} order={order} query={query}>
                  <table.FlexRender header={header} />
                </Heading>
              ))}
            </TableRow>
          ))}
        </TableHead>
        <TableBody>
          {table.getRowModel().rows.map((row) => (
            <TableRow key={row.original.id}>
              {row.getAllCells().map((cell) => (
                <TableCell key={cell.id} {...CELLS[cell.column.id]}>
                  <table.FlexRender cell={cell} />
                </TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}

const CELLS: Readonly<Record<string, object>> = {
  seen: { component: "th" },
  amount: { align: "right", sx: { whiteSpace: "nowrap" } },
  note: { sx: { color: "text.secondary", maxWidth: 260 } },
};

function Heading({
  id,
  order,
  query,
  children,
}: Pick<FindingTableProps, "order" | "query"> & { id: string; children: ReactNode }) {
  const align = id === "amount" ? "right" : "left";
  const [first, second] = COLUMN_ORDERS[id] ?? [];
  if (!first) return <TableCell align={align}>{children}</TableCell>;
  const active = order === first || order === second;
  const next = order === first && second ? second : first;
  const direction = order === second ? "asc" : "desc";
  return (
    <TableCell align={align} sortDirection={active ? direction : false}>
      <TableSortLabel
        active={active}
        direction={direction}
        component={Link}
        to={`?${new URLSearchParams({ ...query, order: next })}`}
      >
        {children}
      </TableSortLabel>
    </TableCell>
  );
}

function Seen({ row: { kind, spot, side, usable } }: { row: Found }) {
  return (
    <>
      {findingKindOf(kind).name}, {spotOf(spot).name.toLowerCase()}
      {side === "both" ? "" : `, ${side}`}
      {usable === null ? null : <Small>{stretchClassOf(usable)} stretch</Small>}
    </>
  );
}

function Amount({ mm }: { mm: number | null }) {
  const lengths = useLengths();
  return mm === null ? "—" : lengths.amount(mm);
}

function Outcome({ row: { verdict, residualMm } }: { row: Found }) {
  const lengths = useLengths();
  if (residualMm === null || residualMm === 0) return verdict ?? "—";
  const left = residualMm > 0 ? `${lengths.amount(residualMm)} left` : `${lengths.amount(-residualMm)} too far`;
  return `${verdict ?? "—"}, ${left}`;
}

function Job({ row: { jobId, jobName, wearerName, prototype, fittingId, fittedOn } }: { row: Found }) {
  return (
    <>
      <TextLink to={`/jobs/${jobId}/prototypes/${prototype}/fitting?fitting=${fittingId}`}>{jobName}</TextLink>
      <Small>
        {wearerName}, prototype {prototype}, {formatDay(fittedOn)}
      </Small>
    </>
  );
}

/** What was done about a finding: how much, at which line, on which pieces. */
function Done({ row }: { row: Found }) {
  const lengths = useLengths();
  if (row.decision === null) return "no word";
  if (row.decision === "refused") return "refused";
  if (row.decision === "waiting") return "put off";
  return (
    <>
      {row.changeMm === null ? row.line : <strong>{lengths.difference(row.changeMm)}</strong>}
      <Small>
        {[row.changeMm === null ? "" : row.line, row.pieces].filter((words) => words !== "").join(", ")}
        {row.share !== null && row.changeMm !== null ? `; share ${Number(row.share.toFixed(2))}` : ""}
      </Small>
    </>
  );
}

const Small = ({ children }: { children: ReactNode }) => (
  <Box sx={{ color: "text.secondary", fontSize: "0.85rem" }}>{children}</Box>
);
