import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { DIRECTION_NAMES, DIRECTIONS, type Direction } from "../../../core/cloth/index.ts";

/** Which way the one cloth is laid round the body. */
export function DirectionForm({ job }: { job: { version: number; girthDirection: Direction } }) {
  return (
    <Form method="post">
      <input type="hidden" name="version" value={job.version} />
      <Typography component="div" sx={{ mt: 2, mb: 0.75 }}>
        Laid round the body: <strong>{DIRECTION_NAMES[job.girthDirection]}</strong>
      </Typography>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        {DIRECTIONS.filter((direction) => direction !== job.girthDirection).map((direction) => (
          <Button key={direction} type="submit" name="direction" value={direction} variant="outlined" size="small">
            Lay it {direction} instead
          </Button>
        ))}
      </Box>
    </Form>
  );
}
