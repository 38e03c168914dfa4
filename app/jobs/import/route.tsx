import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { data, redirect } from "react-router";
import type { Repositories } from "../../../data/store.ts";
import { type KnownHere, knownHere, takeOverJob } from "../../../data/transfer/index.ts";
import type { JobDocument } from "../../../formats/job/jobDocument.ts";
import { LARGEST_JOB_FILE } from "../../../formats/job/largestJobFile.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { bytesOf, inPool } from "../../.server/pool/pool.ts";
import { trialOfJob } from "../../.server/transfer/trialOfJob.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { readForm } from "../../form/fields.server.ts";
import { ImportForm } from "../../form/ImportForm.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";

export const meta = () => [{ title: "Import a job · Stenz" }];

/** What became of a file that was not taken over: what is wrong with it, or what has to be said first. */
interface NotYet {
  readonly error?: string;
  readonly known?: KnownHere;
}

const notYet = (answer: NotYet) => data<NotYet>(answer, { status: 400 });

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const form = await readForm(request);
  const file = form.get("file");
  if (!(file instanceof File) || file.size === 0) {
    return notYet({ error: "Expected a JSON file of a job, but none was chosen." });
  }
  if (file.size > LARGEST_JOB_FILE) return notYet({ error: `Expected a file up to ${LARGEST_JOB_FILE / 1e6} MB.` });
  const bytes = await bytesOf(file);
  const document = await inPool("readJob", { bytes }, { hand: [bytes], signal: request.signal });
  if (!document.ok) return notYet({ error: document.problem.message });
  return storeOf(context).inTransaction((all) => takeOver(all, document.value, String(form.get("known") ?? "")));
});

async function takeOver(all: Repositories, document: JobDocument, word: string) {
  const known = await knownHere(all, document);
  const asks = known.job !== null || known.wearer !== null || known.cloths.length > 0;
  const as = word === "same" || word === "copy" ? word : null;
  if (asks && as === null) return notYet({ known });
  const taken = await takeOverJob(all, document, as ?? "copy");
  if (!taken.ok) return notYet({ error: taken.problem.message });
  const workable = await trialOfJob(all, taken.value);
  return workable.ok ? redirect(`/jobs/${taken.value}`) : notYet({ error: workable.problem.message });
}

export default function ImportJob({ actionData }: Route.ComponentProps) {
  const answer = actionData as NotYet | undefined;
  return (
    <Box sx={{ maxWidth: 720 }}>
      <PageHead
        title="Import a job"
        above={<TextLink to="/">Bench</TextLink>}
        below="A whole job from another Stenz: wearer, sheet, cloths with their tests, plan, prototypes, fittings, photos and changes."
      />
      <Typography sx={{ mb: 2 }}>
        Nothing that is here is changed. The file is the one “Whole job as JSON” gives, on a job's sign-off page. All
        that is known about a wearer comes back in <TextLink to="/wearers/import">under Wearers</TextLink>.
      </Typography>
      <ImportForm
        label="File of a job"
        most={LARGEST_JOB_FILE}
        error={answer?.error}
        question={answer?.known ? <KnownQuestion known={answer.known} /> : null}
      />
    </Box>
  );
}

/** What is here already, and what is to be done about it. Leaving it is leaving the page. */
function KnownQuestion({ known: { job, wearer, cloths } }: { known: KnownHere }) {
  return (
    <Alert severity="warning" sx={{ mb: 2 }}>
      {job ? (
        <div>
          This job is here already: <TextLink to={`/jobs/${job.id}`}>{job.name}</TextLink>. Imported again it stands
          beside it as a copy; what the two have taught counts once.
        </div>
      ) : null}
      {wearer ? <div>Its wearer is here: {wearer.name}.</div> : null}
      {cloths.length > 0 ? <div>Of its cloths these are here: {cloths.join(", ")}.</div> : null}
      <Box sx={{ mt: 1.5 }}>
        <ChoiceInput
          name="known"
          legend="What is here already is"
          unpicked
          choices={[
            { value: "same", label: "the same: use it" },
            { value: "copy", label: "another: add all of the file beside it" },
          ]}
        />
        <TextLink to={job ? `/jobs/${job.id}` : "/"}>Leave it: import nothing</TextLink>
      </Box>
    </Alert>
  );
}
