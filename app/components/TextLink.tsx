import MuiLink from "@mui/material/Link";
import type { ReactNode } from "react";
import { Link } from "react-router";

/** A link inside text or a list. */
export const TextLink = ({
  to,
  children,
  preventScrollReset = false,
}: {
  to: string;
  children: ReactNode;
  /** The page stays where it is: for links to another part of the same page. */
  preventScrollReset?: boolean;
}) => (
  <MuiLink component={Link} to={to} preventScrollReset={preventScrollReset} sx={{ fontWeight: 600 }}>
    {children}
  </MuiLink>
);
