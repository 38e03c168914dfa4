import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { data, Form, redirect } from "react-router";
import {
  bodyValue,
  checkSheet,
  explainSnug,
  type MeasuredValue,
  nameOf,
  placesOf,
  type Sheet,
  sheetBefore,
} from "../../../core/body/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { group, reference, version } from "../../../formats/form/index.ts";
import { asSent, found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { sharingContext } from "../../.server/sharing/sharingSwitch.ts";
import { readFields } from "../../form/fields.server.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { SavedChecks } from "../../wearers/SavedChecks.tsx";
import { sheetName } from "../../wearers/sheetName.ts";
import type { Route } from "./+types/route.ts";
import { makeLink, stopLink } from "./measureLink.server.ts";
import { SelfMeasure } from "./SelfMeasure.tsx";

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const { job, style, wearer, sheet, settings } = await planOfPage(context, params.jobId);
  const sheets = await store.sheets.ofWearer(wearer.id);
  return {
    job,
    wearer: { id: wearer.id, name: wearer.name },
    sheet,
    shared: context.get(sharingContext).state().on,
    linkUntil: (await store.measureLinks.ofJob(job.id, new Date()))?.until ?? null,
    needed: style.measures,
    fingerMm: settings.fingerAllowanceMm,
    findings: sheet ? checkSheet({ ...sheet, earlier: sheetBefore(sheet, sheets)?.values, isChild: wearer.child }) : [],
    others: sheets
      .filter(({ id }) => id !== sheet?.id)
      .map(({ id, takenOn }) => ({ id, name: sheetName({ id, takenOn }, sheets) })),
  };
});

/** Reads which sheet the job is planned from. */
const readChoice = formReader(group({ sheet: reference("a sheet"), version: version() }));

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  if (fields.intent === "link") return makeLink(jobId, context);
  if (fields.intent === "unlink") return stopLink(jobId, context);
  const { sheet: sheetId, version } = asSent(readChoice(fields));
  const outcome = await storeOf(context).inTransaction(async ({ jobs, sheets }) => {
    const job = found(await jobs.find(jobId), "job");
    const chosen = found(await sheets.find(sheetId), "sheet");
    if (chosen.wearerId !== job.wearerId) found(null, "sheet of this wearer");
    return jobs.save({ ...job, sheetId, version });
  });
  return outcome.saved ? redirect(`/jobs/${jobId}/body`) : data({ stale: true }, { status: 409 });
});

export default function JobBody({ loaderData, actionData }: Route.ComponentProps) {
  const { job, wearer, sheet, needed, findings, others, shared, linkUntil } = loaderData;
  const made = actionData && "links" in actionData ? actionData.links : null;
  const lengths = useLengths();
  const places = placesOf(needed);
  const from = sheet ? `&from=${sheet.id}` : "";
  return (
    <>
      <PageHead
        title="Body"
        below={
          sheet ? (
            <>
              Planned from the <TextLink to={`/sheets/${sheet.id}`}>sheet of {formatDay(sheet.takenOn)}</TextLink>.
            </>
          ) : (
            "No sheet of this wearer yet."
          )
        }
        actions={
          <>
            <Button component="a" href={`/wearers/${wearer.id}/sheets/blank?job=${job.id}`} download variant="outlined">
              Print a blank sheet
            </Button>
            <LinkButton to={`/wearers/${wearer.id}/sheets/new?job=${job.id}${from}`} variant="contained">
              {sheet ? "New sheet for this job" : "Take a sheet"}
            </LinkButton>
          </>
        }
      />
      {actionData && "stale" in actionData ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          Somebody changed this job meanwhile. It is shown here as it is now; choose the sheet again.
        </Alert>
      ) : null}
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", lg: "1.3fr 1fr" }, gap: 3, alignItems: "start" }}>
        <Paper>
          <Table aria-label="Measures this job needs">
            <TableHead>
              <TableRow>
                <TableCell>Needed for this job</TableCell>
                <TableCell align="right">Body as taped, {lengths.unit}</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {places.map(({ code, side }) => {
                const value = sheet ? bodyValue(sheet.values, code, side) : undefined;
                return (
                  <TableRow key={`${code} ${side}`}>
                    <TableCell component="th">{nameOf(code, side)}</TableCell>
                    <TableCell
                      align="right"
                      sx={{ fontWeight: value ? 650 : 400, color: value ? "text.primary" : "warning.main" }}
                    >
                      {value ? lengths.bare(value.mm) : "missing"}
                      {value && sheet ? <Snug value={value} sheet={sheet} fingerMm={loaderData.fingerMm} /> : null}
                    </TableCell>
                  </TableRow>
                );
              })}
            </TableBody>
          </Table>
        </Paper>
        <Box>
          {others.length > 0 ? (
            <>
              <Typography variant="h2" sx={{ mb: 1 }}>
                Other sheets
              </Typography>
              {others.map(({ id, name }) => (
                <Form method="post" key={id}>
                  <input type="hidden" name="version" value={job.version} />
                  <Box sx={{ display: "flex", gap: 2, alignItems: "center", mb: 1 }}>
                    <TextLink to={`/sheets/${id}`}>{name}</TextLink>
                    <Button type="submit" name="sheet" value={id} variant="outlined" size="small">
                      Plan from this one
                    </Button>
                  </Box>
                </Form>
              ))}
            </>
          ) : null}
          {sheet ? <SavedChecks sheetId={sheet.id} findings={findings} answers={sheet.answers ?? []} /> : null}
          <SelfMeasure shared={shared} until={linkUntil} made={made} />
        </Box>
      </Box>
    </>
  );
}

interface SnugProps {
  readonly value: MeasuredValue;
  readonly sheet: Pick<Sheet, "tape" | "takenOn">;
  readonly fingerMm: number;
}

/** The girth the plan uses where a finger lay under the tape, with the formula that takes it off. */
function Snug({ value, sheet, fingerMm }: SnugProps) {
  const lengths = useLengths();
  const snug = explainSnug(value, sheet, fingerMm);
  if (!snug) return null;
  return (
    <Box sx={{ fontSize: "0.82rem", fontWeight: 400, color: "text.secondary" }}>
      planned with{" "}
      <Why label={`${nameOf(value.code, value.side)}, snug`} explain={() => snug}>
        {lengths.bare(snug.result.value)}
      </Why>
      , snug
    </Box>
  );
}
