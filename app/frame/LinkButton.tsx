import Button, { type ButtonProps } from "@mui/material/Button";
import { Link } from "react-router";

/** A button that leads to another page. */
export const LinkButton = ({ to, ...props }: ButtonProps & { to: string }) => (
  <Button component={Link} to={to} {...props} />
);

/** A button that gives a file. */
export const FileButton = ({ to, ...props }: ButtonProps & { to: string }) => (
  <Button component="a" href={to} variant="outlined" {...props} />
);
