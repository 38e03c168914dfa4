import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { redirect } from "react-router";
import { seamPairs, WRAP_ZONES, wrapAgainstBody } from "../../../core/torso/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import type { Store } from "../../../data/store.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readJobPlan } from "../../.server/read/jobPlan.ts";
import { readWorkshopSettings } from "../../.server/read/workshopSettings.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { conflictRows } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import type { Route } from "./+types/route.ts";
import { WrapFields } from "./WrapFields.tsx";
import { SeamPairs, WrapGirths } from "./WrapResults.tsx";
import { wrapFields } from "./wrapFields.ts";
import { readWrap } from "./wrapForm.server.ts";

const draftOf = (id: number) => draftName("wrap", id);

/** Jobs whose planned girths are shown beside a wrap. */
const SHOWN_JOBS = 2;

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.wrap.name ?? "Body wrap"} · Stenz` },
];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wrap = found(await store.wraps.find(idFrom(params.wrapId, "body wrap")), "body wrap");
  const wearer = found(await store.wearers.find(wrap.wearerId), "wearer");
  const [sheet] = await store.sheets.ofWearer(wearer.id);
  const { ease } = await readWorkshopSettings(store);
  const body = sheet
    ? {
        values: sheet.values,
        tape: sheet.tape,
        fingerAllowanceMm: ease.fingerAllowanceMm,
        source: `sheet of ${formatDay(sheet.takenOn)}`,
      }
    : null;
  return {
    wrap: { id: wrap.id, name: wrap.name, version: wrap.version },
    wearer: { id: wearer.id, name: wearer.name },
    start: wrapFields(wrap),
    draft: await store.drafts.find(draftOf(wrap.id)),
    girths: wrapAgainstBody(wrap.edges, body),
    pairs: seamPairs(wrap.edges),
    garments: await plannedGirths(store, wearer.id),
  };
});

/** Girths the newest jobs of a wearer plan, so that ease is taken from the wrap like from any other pattern. */
async function plannedGirths(store: Store, wearerId: number) {
  const jobs = (await store.jobs.ofWearer(wearerId)).slice(0, SHOWN_JOBS);
  const planned = [];
  for (const { id, name } of jobs) {
    const zones = (await readJobPlan(store, id)).planned.planned?.plan.zones ?? [];
    const girths = zones.flatMap(({ zone, chosen }) =>
      chosen && (WRAP_ZONES as readonly string[]).includes(zone)
        ? [[zone, chosen.consequences.garmentMm] as const]
        : [],
    );
    if (girths.length > 0) planned.push({ job: name, girthsMm: Object.fromEntries(girths) });
  }
  return planned;
}

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.wrapId, "body wrap");
  const fields = await readFields(request);
  return storeOf(context).inTransaction(async ({ wraps, drafts }) => {
    const before = found(await wraps.find(id), "body wrap");
    if (fields.intent === "remove") {
      await wraps.remove(id);
      await drafts.drop(draftOf(id));
      return redirect(`/wearers/${before.wearerId}/wraps`);
    }
    const read = readWrap(fields, today());
    if (!read.ok) return invalid(fields, read.errors);
    return answerEdit(await wraps.save({ ...before, ...read.value, version: startedFrom(fields) }), {
      ...{ fields, drafts, draft: draftOf(id), what: "body wrap", to: `/wraps/${id}` },
      rows: (theirs) => conflictRows(fields, wrapFields(theirs)),
    });
  });
});

export default function WrapPage({ loaderData, actionData }: Route.ComponentProps) {
  const { wrap, wearer, start, draft, girths, pairs, garments } = loaderData;
  const unit = useFormUnit(actionData?.fields, draft);
  return (
    <>
      <PageHead
        title={wrap.name}
        above={<TextLink to={`/wearers/${wearer.id}/wraps`}>{`Body wraps of ${wearer.name}`}</TextLink>}
        below="A wrap is never as tight as a tape: it stands off in every hollow. Ease is planned from the tape; the wrap gives the shape."
      />
      <Typography variant="h2" sx={{ mb: 1 }}>
        Against the tape
      </Typography>
      {girths.length > 0 ? (
        <WrapGirths girths={girths} garments={garments} />
      ) : (
        <Typography color="text.secondary">No edge counts to a girth or to the trunk loop yet.</Typography>
      )}
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        Seams
      </Typography>
      <SeamPairs pairs={pairs} />
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        Edges
      </Typography>
      <RecordForm
        key={wrap.version}
        draftForm={draftOf(wrap.id)}
        draft={draft}
        start={start}
        unsaved={actionData}
        hidden={{ unit, version: wrap.version }}
        submitLabel="Save"
        quiet
        beside={
          <Button type="submit" name="intent" value="remove" color="inherit">
            Take it off the list
          </Button>
        }
      >
        <WrapFields unit={unit} />
      </RecordForm>
    </>
  );
}
