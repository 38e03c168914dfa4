import Box from "@mui/material/Box";

/** Sentences under one another, each with a mark before it; nothing where there are none. */
export const Sentences = ({ label, items }: { label: string; items: readonly string[] }) =>
  items.length === 0 ? null : (
    <Box component="ul" aria-label={label} sx={{ mt: 0, mb: 1.5, pl: 2.5 }}>
      {items.map((item) => (
        <li key={item}>{item}</li>
      ))}
    </Box>
  );
