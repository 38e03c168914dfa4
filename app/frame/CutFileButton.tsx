import type { ButtonProps } from "@mui/material/Button";
import { useSearchParams } from "react-router";
import { FileButton } from "./LinkButton.tsx";

/** A button that gives a file of the pieces a page shows: of the prototype that is looked at, or as the plan has them. */
export function CutFileButton({ to, ...props }: ButtonProps & { to: string }) {
  const of = useSearchParams()[0].get("pieces");
  return <FileButton to={of === null ? to : `${to}?pieces=${encodeURIComponent(of)}`} {...props} />;
}
