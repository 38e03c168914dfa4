import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Form } from "react-router";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { loadWorkings } from "../../.server/read/workingContext.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { NumberList } from "../calculation/NumberList.tsx";
import { saveWorking } from "../calculation/saveWorking.server.ts";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { WorkingForm } from "../calculation/WorkingForm.tsx";
import type { Route } from "./+types/route.ts";
import { BandDrawing } from "./BandDrawing.tsx";
import { BreathTable } from "./BreathTable.tsx";
import { ToMend } from "./ToMend.tsx";
import { takeBand } from "./takeBand.server.ts";
import { WireDrawing } from "./WireDrawing.tsx";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { read, at, needed, pages } = await loadWorkings({ request, params, context }, [
    "band",
    "strap",
    "closure",
    "wire",
  ]);
  const planned = read.planned.planned?.plan.zones.find(({ zone }) => zone === "underbust")?.chosen;
  return {
    at,
    job: { version: read.job.version, underbustMm: planned?.consequences.garmentMm ?? null },
    allergies: read.wearer.allergies,
    needed,
    elastics: pages.strap.facts.elastics.map(({ id, name, forceN }) => ({
      id,
      name: forceN ? name : `${name} (no load ladder)`,
    })),
    ...pages,
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  const back = `/jobs/${jobId}/band`;
  return fields.intent === "take"
    ? takeBand(fields, jobId, storeOf(context), back)
    : saveWorking(fields, jobId, storeOf(context), back);
});

/** Labels of a wire's own fields where the right has others. */
const LEFT_WIRE = {
  channelMm: "Left: channel",
  wireMm: "Left: wire, along it",
  tipDistanceMm: "Left: tips apart at rest",
  springMm: "Left: tips spring by",
  diameterMm: "Left: tip to tip across",
} as const;
const RIGHT_WIRE = ["rightChannelMm", "rightWireMm", "rightTipDistanceMm", "rightSpringMm", "rightDiameterMm"];

export default function JobBand({ loaderData, actionData }: Route.ComponentProps) {
  const { at, job, allergies, needed, elastics, band, strap, closure, wire } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  const lengths = useLengths();
  if (!needed.includes("strap"))
    return (
      <EmptyState
        title="No band in this style"
        action={<LinkButton to={`/jobs/${at.jobId}`}>Back to the job</LinkButton>}
      >
        Bands and straps are worked out for bras, and straps for what hangs from them.
      </EmptyState>
    );
  return (
    <>
      <PageHead
        title={needed.includes("band") ? (needed.includes("wire") ? "Band and wire" : "Band and straps") : "Straps"}
        below="The band carries, the straps hold in place. What pulls is the cloth of the wings and the elastics in their edges."
      />
      <ToMend pages={needed.includes("wire") ? [band, strap, closure, wire] : [band, strap, closure]} />
      {allergies ? (
        <Alert severity="warning" sx={{ mb: 2.5 }}>
          Allergies noted: {allergies}. Hooks, wires and rings may hold nickel, elastics latex: ask before you buy.
        </Alert>
      ) : null}
      {needed.includes("band") ? (
        <WorkingForm
          page={band}
          at={at}
          title="The band"
          intro="Bridge, cradles and the closed hook tape are rigid; only the wings stretch. Give the strain or the pressure, and the other follows."
          unsaved={unsavedFor("band", unsaved)}
          options={elastics}
          hides={({ by }) => [by === "strain" ? "pressureKpa" : "strain"]}
        >
          {({ reckoning, kept }) => (
            <>
              {reckoning.band ? <BandDrawing band={reckoning.band} /> : null}
              <BreathTable reckoning={reckoning} />
              <NumberList
                label="The band, cut"
                numbers={reckoning.numbers.filter(
                  ({ id }) => id === "wing" || id === "garment" || id.startsWith("elastic"),
                )}
                strong={["wing", "garment"]}
              />
              {unsaved?.errors.take ? (
                <Alert severity="warning" sx={{ mb: 1.5 }}>
                  {unsaved.errors.take}
                </Alert>
              ) : null}
              {reckoning.band && Math.round(reckoning.band.cut.garmentMm) !== job.underbustMm ? (
                <Form method="post">
                  <input type="hidden" name="intent" value="take" />
                  <input type="hidden" name="version" value={job.version} />
                  <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap", mb: 1.5 }}>
                    <Button type="submit" variant="outlined" disabled={!kept || band.kept.version === 0}>
                      Make it the underbust of the plan
                    </Button>
                    <Box sx={{ fontSize: "0.9rem", color: "text.secondary" }}>
                      {job.underbustMm === null
                        ? "The ease plan has none yet."
                        : `The ease plan has ${lengths.length(job.underbustMm)}.`}
                    </Box>
                  </Box>
                </Form>
              ) : null}
            </>
          )}
        </WorkingForm>
      ) : null}
      {needed.includes("wire") ? (
        <WorkingForm
          page={wire}
          at={at}
          title="The wire"
          intro="A wire needs room to move at both ends. Too long for its channel, it pokes out at the underarm."
          unsaved={unsavedFor("wire", unsaved)}
          hides={({ sides }) => (sides === "apart" ? [] : RIGHT_WIRE)}
          labels={({ sides }) => (sides === "apart" ? LEFT_WIRE : {})}
        >
          {({ reckoning }) => (
            <>
              <Box
                sx={{
                  display: "grid",
                  gridTemplateColumns: `repeat(${reckoning.wires.length || 1}, minmax(0, 1fr))`,
                  gap: 2,
                }}
              >
                {reckoning.wires.map((wire) => (
                  <WireDrawing key={wire.side} wire={wire} />
                ))}
              </Box>
              <NumberList
                label="Wire"
                numbers={reckoning.numbers}
                strong={reckoning.numbers.map(({ id }) => id).filter((id) => /^(free|raise)\b/.test(id))}
              />
              {reckoning.raises.length > 0 ? (
                <Box component="ol" aria-label="What to raise" sx={{ pl: 2.5, mt: 0 }}>
                  {reckoning.raises.map(({ side, piece, where, byMm }) => (
                    <li key={`${side} ${piece} ${where}`}>
                      <strong>
                        {piece}
                        {side === "both" ? "" : `, ${side}`}: raise {lengths.amount(byMm)}
                      </strong>{" "}
                      {lengths.told(where)}.
                    </li>
                  ))}
                </Box>
              ) : null}
            </>
          )}
        </WorkingForm>
      ) : null}
      <WorkingForm
        page={strap}
        at={at}
        title="Straps"
        intro="Cut length, and what a side hangs on them."
        unsaved={unsavedFor("strap", unsaved)}
        options={elastics}
        hides={({ by }) => (by === "test" ? [] : ["elastic"])}
      >
        {({ reckoning }) => <NumberList label="Straps" numbers={reckoning.numbers} strong={["cut"]} />}
      </WorkingForm>
      {needed.includes("closure") ? (
        <WorkingForm
          page={closure}
          at={at}
          title="Hooks and bridge"
          intro="The closure tape must fit the back end before it is cut, and a dip in the bridge must leave its elastic and its channel room."
          unsaved={unsavedFor("closure", unsaved)}
        >
          {({ reckoning }) => (
            <NumberList label="Hooks and bridge" numbers={reckoning.numbers} strong={["tape", "dip"]} />
          )}
        </WorkingForm>
      ) : null}
    </>
  );
}
