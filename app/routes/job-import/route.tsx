import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { data, Form, redirect, useNavigation } from "react-router";
import { importJob } from "../../../data/jobImport.ts";
import { readJobDocument } from "../../../formats/jobs/jobDocument.ts";
import { readJson } from "../../../formats/json.ts";
import { PageHead } from "../../components/PageHead.tsx";
import { TextLink } from "../../components/TextLink.tsx";
import { readForm } from "../../forms/fields.server.ts";
import { storeOf } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
import { LARGEST_JOB_FILE } from "../../server/limitBody.ts";
import type { Route } from "./+types/route.ts";

export const meta = () => [{ title: "Import a job · Stenz" }];

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const file = (await readForm(request)).get("file");
  if (!(file instanceof File) || file.size === 0) return wrong("Expected a JSON file of a job, but none was chosen.");
  if (file.size > LARGEST_JOB_FILE) return wrong(`Expected a file up to ${LARGEST_JOB_FILE / 1e6} MB.`);
  const json = readJson(await file.text());
  const document = json.ok ? readJobDocument(json.value) : json;
  if (!document.ok) return wrong(document.problem.message);
  const jobId = await storeOf(context).inTransaction((all) => importJob(all, document.value));
  return redirect(`/jobs/${jobId}`);
});

const wrong = (error: string) => data({ error }, { status: 400 });

export default function ImportJob({ actionData }: Route.ComponentProps) {
  const busy = useNavigation().state !== "idle";
  return (
    <Box sx={{ maxWidth: 720 }}>
      <PageHead
        title="Import a job"
        above={<TextLink to="/">Bench</TextLink>}
        below="A whole job from another Stenz: wearer, sheet, cloths with their tests, plan, prototypes, fittings, photos and changes."
      />
      <Typography sx={{ mb: 2 }}>
        Everything is added anew; nothing that is here is touched. The file is the one “Whole job as JSON” gives, on a
        job's sign-off page.
      </Typography>
      {actionData?.error ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {actionData.error}
        </Alert>
      ) : null}
      <Form method="post" encType="multipart/form-data">
        <Box component="label" sx={{ display: "block", mb: 2 }}>
          <Box component="span" sx={{ display: "block", mb: 0.5 }}>
            File of a job
          </Box>
          <input type="file" name="file" accept="application/json,.json" />
        </Box>
        <Button type="submit" variant="contained" disabled={busy}>
          {busy ? "Taking it over …" : "Import"}
        </Button>
      </Form>
    </Box>
  );
}
