import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useContext } from "react";
import { useFetcher } from "react-router";
import { UnitContext } from "./UnitContext.tsx";

const STEPS = [
  { step: 8, words: "to the eighth: 28 1/4" },
  { step: 16, words: "to the sixteenth: 28 3/16" },
] as const;

/** How finely this browser writes inches. */
export function InchStepChoice() {
  const { inchStep } = useContext(UnitContext);
  const fetcher = useFetcher();
  return (
    <Box sx={{ mb: 4 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Inches, in this browser
      </Typography>
      <fetcher.Form method="post" action="/preferences">
        <Box sx={{ display: "flex", gap: 1 }}>
          {STEPS.map(({ step, words }) => (
            <Button
              key={step}
              type="submit"
              name="inchStep"
              value={step}
              variant={step === inchStep ? "contained" : "outlined"}
              aria-pressed={step === inchStep}
            >
              {words}
            </Button>
          ))}
        </Box>
      </fetcher.Form>
    </Box>
  );
}
