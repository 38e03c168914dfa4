import Box from "@mui/material/Box";
import { SCHOOL_IDS, type SchoolId } from "../../../core/ease/index.ts";

/** The number of a school, as it stands over its column and on its flag in the picture. */
export const schoolNumber = (id: SchoolId): string => String(SCHOOL_IDS.indexOf(id) + 1);

/** A school's number in a box; filled where it is the chosen one. The sixth place is the maker's own girth. */
export const schoolMark = (id: SchoolId | "own", filled: boolean) => (
  <Box
    component="span"
    aria-hidden="true"
    sx={{
      display: "inline-block",
      minWidth: 18,
      lineHeight: "18px",
      textAlign: "center",
      fontSize: "0.8rem",
      fontWeight: 750,
      border: 1.5,
      borderColor: "primary.main",
      borderRadius: 0.5,
      color: filled ? "primary.contrastText" : "primary.main",
      bgcolor: filled ? "primary.main" : "transparent",
    }}
  >
    {id === "own" ? "6" : schoolNumber(id)}
  </Box>
);
