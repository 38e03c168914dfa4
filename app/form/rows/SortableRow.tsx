import { useSortable } from "@dnd-kit/sortable";
import CloseIcon from "@mui/icons-material/Close";
import DragIndicatorIcon from "@mui/icons-material/DragIndicator";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import type { ElementType, ReactNode } from "react";
import type { Row, Rows } from "./useRows.ts";

interface SortableRowProps {
  readonly list: Rows;
  readonly row: Row;
  /** What the row is, counted: `Size 3`. */
  readonly label: string;
  readonly component?: ElementType;
  /** Draws the row, with its handle and its way out where they belong. */
  readonly children: (tools: { readonly handle: ReactNode; readonly out: ReactNode }) => ReactNode;
}

/** One row of a list that can be moved by its handle and taken out. */
export function SortableRow({ list, row, label, component = "div", children }: SortableRowProps) {
  const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, transition } = useSortable({
    id: row.key,
  });
  const handle = (
    <IconButton
      ref={setActivatorNodeRef}
      {...attributes}
      {...listeners}
      aria-label={`Move ${label}`}
      size="small"
      sx={{ cursor: "grab", touchAction: "none", color: "text.secondary" }}
    >
      <DragIndicatorIcon fontSize="small" />
    </IconButton>
  );
  const out = (
    <IconButton
      aria-label={`Take ${label} out`}
      size="small"
      onClick={() => list.remove(row.index)}
      sx={{ color: "text.secondary" }}
    >
      <CloseIcon fontSize="small" />
    </IconButton>
  );
  return (
    <Box
      component={component}
      ref={setNodeRef}
      sx={{
        transform: transform ? `translate3d(0, ${Math.round(transform.y)}px, 0)` : undefined,
        transition,
        position: "relative",
        zIndex: transform ? 1 : undefined,
        bgcolor: transform ? "background.paper" : undefined,
      }}
    >
      {children({ handle, out })}
    </Box>
  );
}
