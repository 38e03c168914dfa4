import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import type { Explanation } from "../../../core/explain/index.ts";
import { Why } from "../../frame/why/WhyDrawer.tsx";

/** A number of the plan that opens its formula, or a quiet word where there is none. */
export function Value({
  label,
  explain,
  children,
}: {
  label: string;
  explain: () => Explanation | null;
  children: ReactNode;
}) {
  return explain() ? (
    <Why label={label} explain={explain}>
      {children}
    </Why>
  ) : (
    <Box component="span" sx={{ color: "text.secondary" }}>
      {children}
    </Box>
  );
}
