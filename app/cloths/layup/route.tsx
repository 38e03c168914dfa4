import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import {
  explainLayupTension,
  goesRound,
  judgeLayup,
  LAYER_ROLE_NAMES,
  layupTensionAt,
} from "../../../core/cloth/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { judgedLayers, shelfChoices } from "../../.server/read/layupContext.ts";
import { readWorkshopSettings } from "../../.server/read/workshopSettings.ts";
import { LayupChart } from "../../chart/charts.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { conflictRow } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { SideBySide } from "../../frame/SideBySide.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { percent } from "../../frame/units/percent.ts";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { LayupFields } from "../LayupFields.tsx";
import { layupFields } from "../layupFields.ts";
import { readLayup } from "../layupForm.server.ts";
import type { Route } from "./+types/route.ts";

const draftOf = (id: number) => draftName("layup", id);

export const meta: Route.MetaFunction = ({ loaderData }) => [{ title: `${loaderData?.layup.name ?? "Layup"} · Stenz` }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const layup = found(await store.layups.find(idFrom(params.layupId, "layup")), "layup");
  const layers = await judgedLayers(store, layup, (await readWorkshopSettings(store)).cloth);
  const names = new Map(layers.map(({ clothId, clothName }) => [clothId, clothName]));
  return {
    layup,
    layers,
    start: layupFields(layup, (id) => names.get(id) ?? ""),
    shelf: await shelfChoices(store),
    draft: await store.drafts.find(draftOf(layup.id)),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.layupId, "layup");
  const fields = await readFields(request);
  return storeOf(context).inTransaction(async (repositories) => {
    const layup = await readLayup(fields, repositories);
    if (!layup.ok) return invalid(fields, layup.errors);
    const { layups, drafts } = repositories;
    return answerEdit(await layups.save({ id, version: startedFrom(fields), ...layup.value }), {
      ...{ fields, drafts, draft: draftOf(id), what: "layup", to: `/layups/${id}` },
      rows: (theirs) => [
        conflictRow(fields, "name", "Name", theirs.name),
        { name: "layers", label: "Layers", yours: `${layup.value.layers.length}`, theirs: `${theirs.layers.length}` },
      ],
    });
  });
});

/** Strains at which the sum and its parts are listed. */
const LISTED = [0.1, 0.2, 0.3, 0.4] as const;

export default function LayupPage({ loaderData, actionData }: Route.ComponentProps) {
  const { layup, layers, start, shelf, draft } = loaderData;
  const round = layers.filter(goesRound);
  const { usable, setBy, untested, withoutCurve } = judgeLayup(round);
  return (
    <>
      <PageHead title={layup.name} above={<TextLink to="/layups">Layups</TextLink>} below={layup.notes} />
      <SideBySide left={1.3}>
        <Box>
          {usable === null ? (
            <Alert severity="warning" sx={{ mb: 2 }}>
              Never tested in the direction laid round the body: {untested.join(", ")}. Without it the layup's usable
              stretch is not known.
            </Alert>
          ) : (
            <Typography sx={{ fontSize: "1.15rem", mb: 1.5 }}>
              Usable stretch <strong>{percent(usable)}</strong>, set by {setBy}: the layer that gives out first.
            </Typography>
          )}
          {withoutCurve.length > 0 ? (
            <Alert severity="warning" sx={{ mb: 2 }}>
              No ladder was pulled of {withoutCurve.join(", ")}, so how hard the layers pull together is not known.
            </Alert>
          ) : null}
          {usable !== null && withoutCurve.length === 0 ? <LayupChart layers={round} usable={usable} /> : null}
          <Paper sx={{ overflowX: "auto", mt: 2 }}>
            <Table aria-label="Layers" size="small">
              <TableHead>
                <TableRow>
                  <TableCell>Layer, from the outside</TableCell>
                  <TableCell>Round the body</TableCell>
                  <TableCell align="right">Usable</TableCell>
                  {LISTED.map((strain) => (
                    <TableCell key={strain} align="right">
                      N/m at {strain * 100} %
                    </TableCell>
                  ))}
                </TableRow>
              </TableHead>
              <TableBody>
                {layers.map(({ name, clothId, direction, role, usable: own, curve }) => (
                  <TableRow key={name}>
                    <TableCell component="th">
                      <TextLink to={`/cloths/${clothId}`}>{name}</TextLink>, {LAYER_ROLE_NAMES[role]}
                    </TableCell>
                    <TableCell>{direction}</TableCell>
                    <TableCell align="right">{own === null ? "not tested" : percent(own)}</TableCell>
                    {LISTED.map((strain) => (
                      <TableCell key={strain} align="right">
                        {layupTensionAt([{ curve }], strain)?.tensionNPerM.toFixed(1) ?? "—"}
                      </TableCell>
                    ))}
                  </TableRow>
                ))}
                <TableRow>
                  <TableCell component="th" sx={{ fontWeight: 750 }}>
                    Together
                  </TableCell>
                  <TableCell />
                  <TableCell align="right" sx={{ fontWeight: 750 }}>
                    {usable === null ? "not known" : percent(usable)}
                  </TableCell>
                  {LISTED.map((strain) => {
                    const tension = layupTensionAt(round, strain);
                    return (
                      <TableCell key={strain} align="right" sx={{ fontWeight: 750 }}>
                        {tension ? (
                          <Why
                            label={`Together at ${strain * 100} %`}
                            explain={() =>
                              explainLayupTension(
                                round.map(({ name }) => name),
                                tension,
                                strain,
                              )
                            }
                          >
                            {`${tension.tensionNPerM.toFixed(1)}${tension.beyondTest ? " *" : ""}`}
                          </Why>
                        ) : (
                          "not known"
                        )}
                      </TableCell>
                    );
                  })}
                </TableRow>
              </TableBody>
            </Table>
          </Paper>
          <Typography color="text.secondary" sx={{ mt: 1, fontSize: "0.9rem" }}>
            Loading curves, every layer stretched alike; T = Σ Tᵢ(ε). * beyond the test of a layer.
            {round.length < layers.length
              ? " Cups, bridge and cradle have a cloth of their own: they are no part of the sum."
              : ""}
          </Typography>
        </Box>
        <Box component="section" aria-label="Change the layup">
          <Typography variant="h2" sx={{ mb: 1.5 }}>
            Layers
          </Typography>
          <RecordForm
            key={layup.version}
            draftForm={draftOf(layup.id)}
            draft={draft}
            start={start}
            unsaved={actionData}
            hidden={{ version: layup.version }}
            submitLabel="Save"
            quiet
          >
            <LayupFields shelf={shelf} />
          </RecordForm>
        </Box>
      </SideBySide>
    </>
  );
}
