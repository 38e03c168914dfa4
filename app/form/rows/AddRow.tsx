import AddIcon from "@mui/icons-material/Add";
import Button from "@mui/material/Button";
import type { ReactNode } from "react";
import type { Rows } from "./useRows.ts";

/** Adds a row at the end of a list. */
export const AddRow = ({ list, children }: { list: Rows; children: ReactNode }) => (
  <Button startIcon={<AddIcon />} onClick={list.add}>
    {children}
  </Button>
);
