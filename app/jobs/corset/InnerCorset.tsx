import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";

/** What carries a dress inside is a garment of its own, with panels, bones and mock-ups of its own. */
export function InnerCorset() {
  return (
    <Box component="section" aria-labelledby="inner-corset" className="no-print" sx={{ mt: 3 }}>
      <Typography variant="h3" id="inner-corset" sx={{ mb: 0.5 }}>
        Inner corset
      </Typography>
      <Typography sx={{ mb: 1, maxWidth: 620, color: "text.secondary" }}>
        The dress hangs from it. It is drawn, boned and tried on by itself: started here it takes body, cloth and this
        reduction along.
      </Typography>
      <Form method="post">
        <Button type="submit" name="intent" value="inner" variant="outlined">
          Start its job
        </Button>
      </Form>
    </Box>
  );
}
