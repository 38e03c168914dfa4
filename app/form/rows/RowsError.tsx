import Box from "@mui/material/Box";
import { useFieldState } from "../FormState.tsx";

/** What is wrong with a list as a whole, below it. */
export function RowsError({ name }: { name: string }) {
  const { error } = useFieldState(name);
  return error ? (
    <Box role="alert" sx={{ color: "error.main", fontSize: "0.9rem", mb: 1 }}>
      {error}
    </Box>
  ) : null;
}
