import Box from "@mui/material/Box";
import { useContext } from "react";
import { useFetcher } from "react-router";
import { barButtonStyle } from "./barButton.ts";
import { UnitContext } from "./units/UnitContext.tsx";

/** Switches all lengths shown between centimetres and inches. What was typed stays as it was typed. */
export function UnitSwitch() {
  const { unit } = useContext(UnitContext);
  const fetcher = useFetcher();
  const other = unit === "cm" ? "in" : "cm";
  return (
    <fetcher.Form method="post" action="/preferences">
      <input type="hidden" name="unit" value={other} />
      <Box
        component="button"
        type="submit"
        id="unit-switch"
        aria-label={`Lengths in ${unit}; show ${other}`}
        sx={barButtonStyle}
      >
        <Box component="span" sx={{ fontWeight: unit === "cm" ? 800 : 400, opacity: unit === "cm" ? 1 : 0.75 }}>
          cm
        </Box>
        {" / "}
        <Box component="span" sx={{ fontWeight: unit === "in" ? 800 : 400, opacity: unit === "in" ? 1 : 0.75 }}>
          in
        </Box>
      </Box>
    </fetcher.Form>
  );
}
