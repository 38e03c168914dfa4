import MuiLink from "@mui/material/Link";
import type { ReactNode } from "react";
import { Link } from "react-router";

/** A link inside text or a list. */
export const TextLink = ({ to, children }: { to: string; children: ReactNode }) => (
  <MuiLink component={Link} to={to} sx={{ fontWeight: 600 }}>
    {children}
  </MuiLink>
);
