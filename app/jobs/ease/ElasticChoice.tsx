import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import type { Job } from "../../../core/job/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";

interface ElasticChoiceProps {
  readonly job: Pick<Job, "version" | "edgeElasticId">;
  readonly elastics: readonly { readonly id: number; readonly name: string }[];
}

/** The elastic in the edges of a garment, from the shelf: it may stretch less than the cloth. */
export function ElasticChoice({ job, elastics }: ElasticChoiceProps) {
  if (elastics.length === 0) {
    return (
      <Typography sx={{ mt: 1, fontSize: "0.9rem", color: "text.secondary" }}>
        No elastic on the shelf. An elastic in the edge can stretch less than the cloth:{" "}
        <TextLink to="/cloths/new">add it like a cloth</TextLink>.
      </Typography>
    );
  }
  return (
    <Form method="post" preventScrollReset className="no-print" key={job.edgeElasticId}>
      <input type="hidden" name="intent" value="elastic" />
      <input type="hidden" name="version" value={job.version} />
      <Box sx={{ display: "flex", gap: 1, alignItems: "center", mt: 1.5, maxWidth: 460 }}>
        <TextField
          select
          id="edge-elastic"
          name="elastic"
          label="Elastic in the edges"
          defaultValue={job.edgeElasticId ?? ""}
          size="small"
          fullWidth
        >
          <MenuItem value="">none, or not chosen yet</MenuItem>
          {elastics.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <Button type="submit" variant="outlined">
          Set
        </Button>
      </Box>
    </Form>
  );
}
