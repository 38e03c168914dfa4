import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { data, redirect } from "react-router";
import type { Repositories } from "../../../data/store.ts";
import { importWearer } from "../../../data/transfer/index.ts";
import { LARGEST_JOB_FILE } from "../../../formats/job/largestJobFile.ts";
import type { WearerDocument } from "../../../formats/job/wearerDocument.ts";
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

export const meta = () => [{ title: "Import a wearer · Stenz" }];

interface NotYet {
  readonly error?: string;
  /** The wearer of the file, where they are here already. */
  readonly here?: { readonly id: number; readonly name: string };
}

const notYet = (answer: NotYet) => data<NotYet>(answer, { status: 400 });

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const form = await readForm(request);
  const file = form.get("file");
  if (!(file instanceof File) || file.size === 0)
    return notYet({ error: "Expected a JSON file, but none was chosen." });
  if (file.size > LARGEST_JOB_FILE) return notYet({ error: `Expected a file up to ${LARGEST_JOB_FILE / 1e6} MB.` });
  const bytes = await bytesOf(file);
  const document = await inPool("readWearer", { bytes }, { hand: [bytes], signal: request.signal });
  if (!document.ok) return notYet({ error: document.problem.message });
  const word = String(form.get("known") ?? "");
  return storeOf(context).inTransaction((all) => takeOver(all, document.value, word));
});

async function takeOver(all: Repositories, document: WearerDocument, word: string) {
  const { identity } = document.wearer;
  const id = identity ? await all.identities.find("wearers", identity) : null;
  const here = id === null ? null : await all.wearers.find(id);
  const as = word === "same" || word === "copy" ? word : null;
  if (here && as === null) return notYet({ here: { id: here.id, name: here.name } });
  const taken = await importWearer(all, document, as ?? "same");
  if (!taken.ok) return notYet({ error: taken.problem.message });
  for (const jobId of taken.value.jobs) {
    const workable = await trialOfJob(all, jobId);
    if (!workable.ok) return notYet({ error: workable.problem.message });
  }
  return redirect(`/wearers/${taken.value.wearerId}`);
}

export default function ImportWearer({ actionData }: Route.ComponentProps) {
  const answer = actionData as NotYet | undefined;
  return (
    <Box sx={{ maxWidth: 720 }}>
      <PageHead
        title="Import a wearer"
        above={<TextLink to="/wearers">Wearers</TextLink>}
        below="Everything about a wearer in one file: sheets, body wraps, garments that fit, standing changes, and every job whole."
      />
      <Typography sx={{ mb: 2 }}>The file is the one “Everything in one file” gives, on a wearer's page.</Typography>
      <ImportForm
        label="File of a wearer"
        most={LARGEST_JOB_FILE}
        error={answer?.error}
        question={answer?.here ? <KnownQuestion {...answer.here} /> : null}
      />
    </Box>
  );
}

/** Who is here already, and what is to be done about it. Leaving it is leaving the page. */
function KnownQuestion({ id, name }: NonNullable<NotYet["here"]>) {
  return (
    <Alert severity="warning" sx={{ mb: 2 }}>
      <TextLink to={`/wearers/${id}`}>{name}</TextLink> is here already.
      <Box sx={{ mt: 1.5 }}>
        <ChoiceInput
          name="known"
          legend="The wearer of the file is"
          unpicked
          choices={[
            { value: "same", label: "the same: add what is not here yet" },
            { value: "copy", label: "another: add all of it beside" },
          ]}
        />
        <TextLink to={`/wearers/${id}`}>Leave it: import nothing</TextLink>
      </Box>
    </Alert>
  );
}
