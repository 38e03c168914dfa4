import Box from "@mui/material/Box";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { keepingPieces } from "../../.server/http/piecesAsked.ts";
import { loadWorkings } from "../../.server/read/workingContext.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { CutFileButton } from "../../frame/CutFileButton.tsx";
import { CutFromNav } from "../../frame/CutFromNav.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { NumberList } from "../calculation/NumberList.tsx";
import { saveWorking } from "../calculation/saveWorking.server.ts";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { WorkingForm } from "../calculation/WorkingForm.tsx";
import type { Route } from "./+types/route.ts";
import { MaterialTable } from "./MaterialTable.tsx";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { at, read, pages, cutFrom } = await loadWorkings({ request, params, context }, ["materials"]);
  return {
    cutFrom,
    at,
    page: pages.materials,
    allergies: read.wearer.allergies,
  };
});

export const action = guarded(
  keepingPieces(async ({ request, params, context }: Route.ActionArgs) => {
    const jobId = idFrom(params.jobId, "job");
    return saveWorking(await readFields(request), jobId, storeOf(context), `/jobs/${jobId}/materials`);
  }),
);

export default function JobMaterials({ loaderData, actionData }: Route.ComponentProps) {
  const { at, page, allergies } = loaderData;
  return (
    <>
      <PageHead
        title="Materials"
        below="What one garment takes, against what is on the shelf: what is there, what to buy, and what it costs where prices are known."
      />
      <CutFromNav cutFrom={loaderData.cutFrom} />
      <WorkingForm
        page={page}
        at={at}
        title="Everything it takes"
        intro={
          allergies
            ? `Cloth as it is laid out, elastics with 8 % spare, and the notions you type. Allergies noted: ${allergies}. Hooks, rings and wires may hold nickel, elastics latex.`
            : "Cloth as it is laid out, elastics with 8 % spare, and the notions you type."
        }
        unsaved={unsavedFor("materials", actionData as Unsaved | undefined)}
      >
        {({ reckoning: { rows, numbers } }) => (
          <>
            {rows.length > 0 ? <MaterialTable rows={rows} /> : null}
            <NumberList label="Cost" numbers={numbers} strong={["garment"]} />
            <Box className="no-print" sx={{ display: "flex", flexWrap: "wrap", gap: 1, mb: 1 }}>
              {rows.length > 0 ? (
                <>
                  <CutFileButton to={`/jobs/${at.jobId}/materials/pdf`}>Shopping list</CutFileButton>
                  <CutFileButton to={`/jobs/${at.jobId}/materials/csv`}>List, CSV</CutFileButton>
                </>
              ) : null}
              <LinkButton to="/shelf">Shelf stock</LinkButton>
            </Box>
          </>
        )}
      </WorkingForm>
    </>
  );
}
