import Typography from "@mui/material/Typography";

/** Heading of a group of habits. */
export const Heading = ({ children }: { children: string }) => (
  <Typography variant="h2" sx={{ mb: 1, mt: 1 }}>
    {children}
  </Typography>
);
