import Box from "@mui/material/Box";
import { Link, NavLink } from "react-router";

/** A page beside others. */
export interface NavPlace {
  readonly to: string;
  readonly label: string;
  /** Told where the address alone does not say whether one is there. */
  readonly current?: boolean;
}

/** Pages that belong together, one press apart. */
export function PlaceNav({ label, places }: { label: string; places: readonly NavPlace[] }) {
  return (
    <Box
      component="nav"
      aria-label={label}
      className="no-print"
      sx={{ display: "flex", flexWrap: "wrap", columnGap: 2.5, borderBottom: 1, borderColor: "divider", mb: 2.5 }}
    >
      {places.map(({ to, label: name, current }) =>
        current === undefined ? (
          <Box key={to} component={NavLink} to={to} end sx={linkStyle}>
            {name}
          </Box>
        ) : (
          <Box key={to} component={Link} to={to} aria-current={current ? "page" : undefined} sx={linkStyle}>
            {name}
          </Box>
        ),
      )}
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
  "&[aria-current=page]": { borderColor: "primary.main", color: "primary.main" },
} as const;
