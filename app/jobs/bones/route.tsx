import Alert from "@mui/material/Alert";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { loadWorkings } from "../../.server/read/workingContext.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { CutFromNav } from "../../frame/CutFromNav.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { NumberList } from "../calculation/NumberList.tsx";
import { saveWorking } from "../calculation/saveWorking.server.ts";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { WorkingForm } from "../calculation/WorkingForm.tsx";
import { NotBoned } from "../corset/NotBoned.tsx";
import type { Route } from "./+types/route.ts";
import { BoneDrawing } from "./BoneDrawing.tsx";
import { BoneTable } from "./BoneTable.tsx";
import { toggleBone } from "./bones.server.ts";
import { ClosingLine } from "./ClosingLine.tsx";
import { ToBuy } from "./ToBuy.tsx";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { at, needed, pages, cutFrom } = await loadWorkings({ request, params, context }, ["bones"]);
  return {
    cutFrom,
    at,
    boned: needed.includes("bones"),
    page: pages.bones,
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  if (fields.intent === "without" || fields.intent === "with")
    return toggleBone(fields, jobId, storeOf(context), fields.intent === "without");
  return saveWorking(fields, jobId, storeOf(context), `/jobs/${jobId}/bones`);
});

export default function JobBones({ loaderData, actionData }: Route.ComponentProps) {
  const { at, boned, page } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  if (!boned) return <NotBoned jobId={at.jobId} />;
  const laced = page.facts.closed?.laced ?? true;
  // A triangle left open behind is laced through loops.
  const open =
    page.facts.draft?.pieces.some(({ edges }) =>
      edges.some(({ role, lines }) => role === "centreBack" && lines.length > 1),
    ) ?? false;
  return (
    <>
      <PageHead
        title="Bones and closing"
        below="Channels on the seams of the drawn panels, the bones that go into them, and what closes the garment."
      />
      <CutFromNav cutFrom={loaderData.cutFrom} />
      {unsaved?.errors.bone ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {unsaved.errors.bone}
        </Alert>
      ) : null}
      <WorkingForm
        page={page}
        at={at}
        title="Bones"
        intro="One at each seam, another where panels are wide, on both sides of a lacing, none across a dart. Rounded down to what is sold."
        narrow
        unsaved={unsavedFor("bones", unsaved)}
        hides={() => (laced ? [] : open ? ["rows", "loops"] : ["pitchMm", "rows", "loops"])}
      >
        {({ reckoning }) => (
          <>
            {page.facts.draft && reckoning.bones.length > 0 ? (
              <BoneDrawing draft={page.facts.draft} bones={reckoning.bones} rowsMm={reckoning.rows?.atMm ?? []} />
            ) : null}
            <NumberList
              label="Closing and waist tape"
              numbers={reckoning.numbers.filter(({ id }) => !/^(bone|half)\./.test(id))}
              strong={["lace", "zip", "tape"]}
            />
            <ToBuy lines={reckoning.toBuy} />
            {reckoning.bones.length > 0 ? <BoneTable reckoning={reckoning} version={page.kept.version} /> : null}
            {!laced && reckoning.line.length > 0 ? (
              <ClosingLine line={reckoning.line} numbers={reckoning.numbers} />
            ) : null}
          </>
        )}
      </WorkingForm>
    </>
  );
}
