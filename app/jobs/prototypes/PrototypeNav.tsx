import Box from "@mui/material/Box";
import { NavLink } from "react-router";

const PLACES = [
  { to: "prototypes", label: "Prototypes", end: true },
  { to: "changes", label: "Changes to cut", end: true },
  { to: "zones", label: "Zone by zone", end: true },
  { to: "compare", label: "Two side by side", end: true },
  { to: "history", label: "History", end: true },
  { to: "sign-off", label: "Sign-off", end: true },
] as const;

/** The pages of a job's prototypes, one press apart. */
export function PrototypeNav({ jobId }: { jobId: number }) {
  return (
    <Box
      component="nav"
      aria-label="Pages of the prototypes"
      className="no-print"
      sx={{ display: "flex", flexWrap: "wrap", columnGap: 2.5, borderBottom: 1, borderColor: "divider", mb: 2.5 }}
    >
      {PLACES.map(({ to, label, end }) => (
        <Box key={to} component={NavLink} to={`/jobs/${jobId}/${to}`} end={end} sx={linkStyle}>
          {label}
        </Box>
      ))}
    </Box>
  );
}

const linkStyle = {
  py: 1,
  color: "text.primary",
  textDecoration: "none",
  fontWeight: 600,
  borderBottom: "3px solid transparent",
  "&:hover": { color: "primary.main" },
  "&.active": { borderColor: "primary.main", color: "primary.main" },
} as const;
