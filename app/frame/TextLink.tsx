import MuiLink from "@mui/material/Link";
import type { ReactNode } from "react";
import { Link } from "react-router";

/** A link inside text or a list. */
export const TextLink = ({
  to,
  children,
  preventScrollReset = false,
  next = false,
}: {
  to: string;
  children: ReactNode;
  /** The page stays where it is: for links to another part of the same page. */
  preventScrollReset?: boolean;
  /** The work goes on here: a keyboard is put on it after an action. */
  next?: boolean;
}) => (
  <MuiLink
    component={Link}
    to={to}
    preventScrollReset={preventScrollReset}
    sx={{ fontWeight: 600 }}
    data-next={next || undefined}
  >
    {children}
  </MuiLink>
);
