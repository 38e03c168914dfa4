import Box from "@mui/material/Box";
import { useFieldState } from "./FormState.tsx";

/** What is wrong with a field that shows no words of its own, as a list or a file, below it. */
export function FieldError({ name }: { name: string }) {
  const { error } = useFieldState(name);
  return error ? (
    <Box role="alert" sx={{ color: "error.main", fontSize: "0.9rem", mb: 1 }}>
      {error}
    </Box>
  ) : null;
}
