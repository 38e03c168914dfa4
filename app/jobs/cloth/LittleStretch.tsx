import Alert from "@mui/material/Alert";
import { percent } from "../../frame/units/percent.ts";

/** What to say of a cloth that stretches less than the style asks, or does not come back. */
export function LittleStretch({
  usable,
  leastStretch,
  willBag,
}: {
  usable: number | null;
  leastStretch: number;
  willBag: boolean;
}) {
  return (
    <>
      {usable !== null && usable < leastStretch ? (
        <Alert severity="warning" sx={{ my: 1.5 }}>
          This style wants at least {percent(leastStretch)} round the body; this gives {percent(usable)}. It will be
          hard to pull on, and the plan gives room instead of taking it.
        </Alert>
      ) : null}
      {willBag ? (
        <Alert severity="warning" sx={{ my: 1.5 }}>
          It does not come back well this way and will bag; the plan shows every girth after growth.
        </Alert>
      ) : null}
    </>
  );
}
