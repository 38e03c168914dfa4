import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { data, redirect } from "react-router";
import { adviseChoice, adviseDirection, DIRECTIONS, summariseTests, testLayers } from "../../../core/cloth/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { choice, group, orNull, reference, version } from "../../../formats/form/index.ts";
import { asSent, found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { ClothSettingsContext } from "../../cloths/ClothSettingsContext.tsx";
import { DirectionTable } from "../../cloths/DirectionTable.tsx";
import { readFields } from "../../form/fields.server.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { Pages } from "../../frame/Pages.tsx";
import { PlainList } from "../../frame/PlainList.tsx";
import { SearchBox } from "../../frame/SearchBox.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { percent } from "../../frame/units/percent.ts";
import { PickForm } from "../PickForm.tsx";
import type { Route } from "./+types/route.ts";
import { DirectionForm } from "./DirectionForm.tsx";
import { LayerList } from "./LayerList.tsx";
import { LittleStretch } from "./LittleStretch.tsx";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const read = await planOfPage(context, params.jobId);
  const { job, style, tests, planned, layup, clothSettings } = read;
  // Layers rule over the one cloth, which stays chosen behind them.
  const cloth = layup ? null : read.cloth;
  const query = listQuery(request);
  const { rows, ...page } = await store.cloths.list(query);
  const summaries = cloth ? summariseTests(tests, cloth.kind, clothSettings) : [];
  const layups = await store.layups.list({ search: query.search, page: 1 });
  return {
    clothSettings,
    job,
    cloth,
    layup: layup ? { id: layup.id, name: layup.name } : null,
    layers: layup
      ? testLayers(read.layers ?? [], clothSettings).map(({ cloth: layer, direction, role, result }) => ({
          id: layer.id,
          name: layer.name,
          direction,
          role: role ?? null,
          usable: result?.usable ?? null,
          ladder: result?.ladder != null,
        }))
      : [],
    layups: layups.rows
      .filter(({ id }) => id !== layup?.id)
      .map(({ id, name, layers }) => ({ id, name, count: layers.length })),
    summaries,
    advice: cloth ? (adviseDirection(cloth.kind, summaries)?.words ?? null) : null,
    choice: cloth ? adviseChoice(cloth.kind, summaries, job.girthDirection) : [],
    leastStretch: style.limits.leastStretch,
    usable:
      planned.planned?.stretch.usable ??
      summaries.find(({ direction }) => direction === job.girthDirection)?.usable ??
      null,
    willBag:
      planned.planned?.stretch.willBag ??
      summaries.find(({ direction }) => direction === job.girthDirection)?.willBag ??
      false,
    search: query.search,
    page,
    shelf: rows
      .filter(({ id }) => id !== cloth?.id)
      .map(({ id, name, kind, tests: swatches }) => ({
        id,
        name,
        kind,
        directions: summariseTests(swatches, kind, clothSettings).map(({ direction, usable }) => ({
          direction,
          usable,
        })),
      })),
  };
});

/** Reads what is chosen on the page: a cloth, a layup or a direction; what is not named stays. */
const readChoice = formReader(
  group({
    cloth: orNull(reference("a cloth")),
    layup: orNull(reference("a layup")),
    direction: orNull(choice("a direction", DIRECTIONS)),
    version: version(),
  }),
);

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const { cloth, layup, direction, version } = asSent(readChoice(await readFields(request)));
  const outcome = await storeOf(context).inTransaction(async ({ jobs, cloths, layups }) => {
    const job = found(await jobs.find(jobId), "job");
    const clothId = cloth === null ? job.clothId : found(await cloths.find(cloth), "cloth").id;
    const chosenLayup = layup === null ? job.layupId : found(await layups.find(layup), "layup").id;
    return jobs.save({
      ...job,
      clothId,
      layupId: cloth ? null : chosenLayup,
      girthDirection: direction ?? job.girthDirection,
      version,
    });
  });
  return outcome.saved ? redirect(`/jobs/${jobId}/cloth`) : data({ stale: true }, { status: 409 });
});

export default function JobCloth({ loaderData, actionData }: Route.ComponentProps) {
  const { job, cloth, layup, layers, layups, summaries, advice, choice, leastStretch, usable, willBag } = loaderData;
  const { search, page, shelf } = loaderData;
  return (
    <ClothSettingsContext.Provider value={loaderData.clothSettings}>
      <PageHead
        title="Cloth"
        below={
          cloth ? (
            <>
              From <TextLink to={`/cloths/${cloth.id}?job=${job.id}`}>{cloth.name}</TextLink>, the direction of greatest
              stretch (DoGS) round the body.
            </>
          ) : layup ? (
            <>
              From the layers of <TextLink to={`/layups/${layup.id}`}>{layup.name}</TextLink>: they share the strain,
              and their tensions add.
            </>
          ) : (
            "Choose a cloth from the shelf, or layers that are sewn together."
          )
        }
      />
      {actionData?.stale ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          Somebody changed this job meanwhile. It is shown here as it is now; choose again.
        </Alert>
      ) : null}
      {layup ? <LayerList layers={layers} /> : null}
      {layup ? <LittleStretch {...{ usable, leastStretch, willBag }} /> : null}
      {cloth ? (
        <Box sx={{ mb: 4 }}>
          {summaries.length > 0 ? <DirectionTable summaries={summaries} kind={cloth.kind} /> : null}
          {advice ? (
            <Typography sx={{ my: 1.5, borderLeft: 4, borderColor: "secondary.main", pl: 2 }}>{advice}</Typography>
          ) : null}
          {choice.map((words) => (
            <Alert key={words} severity="info" icon={false} sx={{ my: 1.5 }}>
              {words}
            </Alert>
          ))}
          <LittleStretch {...{ usable, leastStretch, willBag }} />
          <DirectionForm job={job} />
        </Box>
      ) : null}
      <Box sx={{ display: "flex", alignItems: "center", justifyContent: "space-between", gap: 2, mb: 1.5 }}>
        <Typography variant="h2">{cloth || layup ? "Another cloth" : "The shelf"}</Typography>
        <LinkButton to={`/cloths/new?job=${job.id}`} variant="outlined">
          Add a cloth
        </LinkButton>
      </Box>
      <SearchBox label="Search the shelf" search={search} />
      {shelf.length > 0 ? (
        <PlainList
          label="Shelf"
          rows={shelf.map(({ id, name, kind, directions }) => ({
            key: id,
            main: <TextLink to={`/cloths/${id}?job=${job.id}`}>{name}</TextLink>,
            side: kind,
            more: (
              <Box sx={{ display: "flex", justifyContent: "space-between", gap: 2, flexWrap: "wrap" }}>
                <span>
                  {directions.map(({ direction, usable: stretch }) => `${direction} ${percent(stretch)}`).join(" · ") ||
                    "not tested yet"}
                </span>
                <PickForm version={job.version} name="cloth" value={id} label={`Use ${name}`}>
                  Use this cloth
                </PickForm>
              </Box>
            ),
          }))}
        />
      ) : (
        <Typography color="text.secondary">Nothing else on the shelf.</Typography>
      )}
      <Pages page={page.page} pageCount={page.pageCount} query={search ? { q: search } : {}} />
      <Typography variant="h2" sx={{ mt: 4, mb: 1.5 }}>
        Layers worn together
      </Typography>
      {layups.length > 0 ? (
        <PlainList
          label="Layups"
          rows={layups.map(({ id, name, count }) => ({
            key: id,
            main: <TextLink to={`/layups/${id}`}>{name}</TextLink>,
            side: `${count} layers`,
            more: (
              <PickForm version={job.version} name="layup" value={id} label={`Use the layers of ${name}`}>
                Use these layers
              </PickForm>
            ),
          }))}
        />
      ) : (
        <Typography color="text.secondary">
          None. <TextLink to="/layups/new">Put together what is worn together</TextLink>: shell, lining, power net.
        </Typography>
      )}
    </ClothSettingsContext.Provider>
  );
}
