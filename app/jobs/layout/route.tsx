import Box from "@mui/material/Box";
import { useMemo } from "react";
import { LAYOUT_IDS, LAYOUTS, type LayoutId, type LayoutReckoning, laidAgain } from "../../../core/layout/index.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { askedPieces, keepingPieces } from "../../.server/http/piecesAsked.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { loadWorkings, readWorkings } from "../../.server/read/workingContext.ts";
import { readForm } from "../../form/fields.server.ts";
import { textsOf, type Unsaved } from "../../form/unsaved.ts";
import { CutFileButton } from "../../frame/CutFileButton.tsx";
import { CutFromNav } from "../../frame/CutFromNav.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { PlaceNav } from "../../frame/PlaceNav.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { NumberList } from "../calculation/NumberList.tsx";
import { saveWorking } from "../calculation/saveWorking.server.ts";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { WorkingForm } from "../calculation/WorkingForm.tsx";
import type { Route } from "./+types/route.ts";
import { keepLayout } from "./keepLayout.server.ts";
import { LayoutPicture } from "./LayoutPicture.tsx";
import { PlacedList } from "./PlacedList.tsx";
import { SearchPanel } from "./SearchPanel.tsx";
import { useSearch } from "./useSearch.ts";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const asked = new URL(request.url).searchParams.get("of") ?? LAYOUT_IDS[0];
  const shown = found(
    LAYOUT_IDS.find((id) => id === asked),
    "cloth of a layout",
  );
  const { at, pages, cutFrom } = await loadWorkings({ request, params, context }, LAYOUT_IDS);
  const clothOf = (id: LayoutId) => pages[id].facts.cloth;
  return {
    cutFrom,
    at,
    page: pages[shown],
    cloth: clothOf(shown),
    places: LAYOUT_IDS.filter((id) => id === shown || pages[id].facts.sets.length > 0 || clothOf(id)).map((id) => ({
      id,
      role: LAYOUTS[id].role,
      name: clothOf(id)?.name ?? null,
    })),
  };
});

export const action = guarded(
  keepingPieces(async ({ request, params, context }: Route.ActionArgs) => {
    const jobId = idFrom(params.jobId, "job");
    const fields = textsOf(await readForm(request));
    const store = storeOf(context);
    if (fields.intent === "best") {
      const { facts } = await readWorkings(
        store,
        await planOfPage(context, params.jobId),
        "picked",
        askedPieces(request),
      );
      return keepLayout(fields, jobId, store, facts);
    }
    return saveWorking(fields, jobId, store, `/jobs/${jobId}/layout?of=${fields.working ?? ""}`);
  }),
);

/** Fields that say nothing as things stand. */
const idleFields = ({
  border,
  repeatAlongMm,
  repeatAcrossMm,
}: {
  border: string;
  repeatAlongMm: number | null;
  repeatAcrossMm: number | null;
}) => [
  ...(border === "none" ? ["borders"] : []),
  ...(repeatAlongMm === null && repeatAcrossMm === null ? ["motifMm"] : []),
];

const ROLE_WORDS = {
  shell: "Outer cloth",
  lining: "Lining",
  net: "Net",
  overlay: "Overlay",
  facing: "Facing",
  cups: "Cups",
  frame: "Bridge and cradle",
} as const;

export default function JobLayout({ loaderData, actionData }: Route.ComponentProps) {
  const { at, page, cloth, places } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  return (
    <>
      <PageHead
        title="Cloth needed"
        below="The kept pieces with their allowances, laid on the roll. A first layout is there at once; a shorter one is searched while you do something else."
      />
      <CutFromNav cutFrom={loaderData.cutFrom} at={`of=${loaderData.page.id}`} />
      {places.length < 2 ? null : (
        <PlaceNav
          label="Which cloth"
          places={places.map(({ id, role }) => ({ to: `?of=${id}`, label: ROLE_WORDS[role], current: id === page.id }))}
        />
      )}
      <WorkingForm
        key={page.id}
        page={page}
        at={at}
        title={ROLE_WORDS[LAYOUTS[page.id].role]}
        intro={cloth ? `From “${cloth.name}”.` : "No cloth of this job is for it: type the width of the roll."}
        narrow
        hides={idleFields}
        unsaved={unsavedFor(page.id, unsaved)}
      >
        {({ working, reckoning, kept }) => (
          <LayoutView
            id={page.id}
            base={`/jobs/${at.jobId}/layout/${page.id}`}
            version={page.kept.version}
            motif={working.motifMm}
            reckoning={reckoning}
            kept={kept && page.kept.version > 0}
            error={unsaved?.fields.intent === "best" ? unsaved.errors.best : undefined}
          />
        )}
      </WorkingForm>
    </>
  );
}

/** A layout with what follows from it, and the search for a shorter one. */
function LayoutView({
  id,
  base,
  version,
  motif,
  reckoning,
  kept,
  error,
}: {
  id: LayoutId;
  base: string;
  version: number;
  motif: number | null;
  reckoning: LayoutReckoning;
  /** True where what is shown is what is kept. */
  kept: boolean;
  error: string | undefined;
}) {
  const { unit } = useLengths();
  const { shapes, table, layout, from, leastMm, numbers } = reckoning;
  // What is typed elsewhere on the page gives the same shapes anew: a search goes on over them.
  const key = JSON.stringify([table, shapes.map(({ id: shape, outline, copies }) => [shape, outline, copies])]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: they are the same while their key is
  const same = useMemo(() => ({ shapes, table }), [key]);
  const search = useSearch(same.shapes, same.table);
  const shown = useMemo(
    () => (search.so && same.table ? (laidAgain(same.shapes, same.table, search.so.best) ?? layout) : layout),
    [search.so, same, layout],
  );
  if (!table || !layout || !shown) return null;
  return (
    <>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 4, mb: 1.5 }}>
        <Box sx={{ flex: "1 1 260px", maxWidth: 420 }}>
          <NumberList
            label="Cloth needed"
            numbers={numbers.filter(({ id: number }) => number !== (unit === "in" ? "buy" : "buyYard"))}
            strong={["buy", "buyYard"]}
          />
        </Box>
        <Box sx={{ flex: "1 1 300px" }}>
          <SearchPanel
            id={id}
            version={version}
            search={search}
            nowMm={layout.lengthMm}
            from={from}
            leastMm={leastMm}
            kept={kept}
            error={error}
          />
        </Box>
      </Box>
      <LayoutPicture
        layout={shown}
        table={table}
        motif={motif}
        label={`${shown.placed.length} pieces on the roll: ${shown.placed.map(({ shape }) => shape.name.toLowerCase()).join(", ")}`}
      />
      <Box className="no-print" sx={{ display: "flex", gap: 1, my: 1.5 }}>
        <CutFileButton to={`${base}/pdf`}>Print, with measures</CutFileButton>
        <CutFileButton to={`${base}/csv`}>List, CSV</CutFileButton>
      </Box>
      <PlacedList layout={shown} />
    </>
  );
}
