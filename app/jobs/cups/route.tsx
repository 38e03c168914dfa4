import { drawPieces } from "../../../core/pieces/index.ts";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { loadWorkings } from "../../.server/read/workingContext.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { NumberList } from "../calculation/NumberList.tsx";
import { saveWorking } from "../calculation/saveWorking.server.ts";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { WorkingForm } from "../calculation/WorkingForm.tsx";
import type { Route } from "./+types/route.ts";
import { CupSections } from "./CupSections.tsx";
import { CupTable } from "./CupTable.tsx";
import { DartDrawing } from "./DartDrawing.tsx";
import { DartOnPiece } from "./DartOnPiece.tsx";
import { LabelTable } from "./LabelTable.tsx";
import { Remedies } from "./Remedies.tsx";
import { RoomWays } from "./RoomWays.tsx";

/** Pieces that may have an apex on them. */
const WITH_APEX = ["onePiecePieces", "camisolePieces"] as const;

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { at, needed, pages } = await loadWorkings({ request, params, context }, [
    ...(["bustRoom", "dart", "cup", "label"] as const),
    ...WITH_APEX,
  ]);
  const { bustRoom, dart, cup, label } = pages;
  // What was kept is drawn: options that are still being typed belong to their own page.
  const drawn = WITH_APEX.filter((id) => needed.includes(id) && pages[id].kept.version > 0).flatMap((id) => {
    const { draft } = drawPieces(id, pages[id].kept.working, pages[id].facts);
    return draft ? [draft] : [];
  });
  return { at, needed, bustRoom, dart, cup, label, drawn: drawn[0] ?? null };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  return saveWorking(await readFields(request), jobId, storeOf(context), `/jobs/${jobId}/cups`);
});

export default function JobCups({ loaderData, actionData }: Route.ComponentProps) {
  const { at, needed, bustRoom, dart, cup, label, drawn } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  if (!needed.includes("bustRoom"))
    return (
      <EmptyState
        title="No cups in this style"
        action={<LinkButton to={`/jobs/${at.jobId}`}>Back to the job</LinkButton>}
      >
        It does not cover a bust.
      </EmptyState>
    );
  // A bra begins with its cups; what merely covers a bust begins with the room for it.
  const bra = needed.includes("band");
  const cups = (
    <WorkingForm
      page={cup}
      at={at}
      title="Cup dimensions"
      intro="Each side from its own breast measures. Sides are never averaged."
      unsaved={unsavedFor("cup", unsaved)}
    >
      {({ working, reckoning }) => (
        <>
          <CupSections sides={reckoning.sides} />
          {reckoning.numbers.length > 0 ? <CupTable cup={reckoning} /> : null}
          <Remedies cup={reckoning} remedy={working.remedy} />
          <NumberList
            label="How the sides differ"
            numbers={reckoning.numbers.filter(({ id }) => id === "unequal")}
            strong={["unequal"]}
          />
        </>
      )}
    </WorkingForm>
  );
  return (
    <>
      <PageHead
        title="Cups"
        below="Room for the bust, the cups cut from their own measures, and the labels that wires and hooks are bought by."
      />
      {bra ? cups : null}
      <WorkingForm
        page={bustRoom}
        at={at}
        title="Bust room"
        intro="How much a pattern lacks at the bust, and how it is given. Full and least room are both shown; nothing is lent silently."
        unsaved={unsavedFor("bustRoom", unsaved)}
        hides={({ amount, school }) => [
          ...(amount === "own" ? [] : ["ownRoomMm"]),
          ...(school === "fullerLine" ? [] : ["fullerLineMm"]),
        ]}
      >
        {({ working, reckoning }) => (
          <>
            <NumberList label="Bust room" numbers={reckoning.numbers} strong={["full", "least", "perSide"]} />
            <RoomWays ways={reckoning.ways} working={working} />
          </>
        )}
      </WorkingForm>
      <WorkingForm
        page={dart}
        at={at}
        title="A dart from a gape"
        intro="A gape pinched at an edge, turned into another seam: drawn to scale as you type."
        unsaved={unsavedFor("dart", unsaved)}
      >
        {({ working, reckoning }) => (
          <>
            {reckoning.dart ? <DartDrawing working={working} dart={reckoning.dart} /> : null}
            {reckoning.dart && drawn ? <DartOnPiece draft={drawn} working={working} /> : null}
            <NumberList label="Dart" numbers={reckoning.numbers} strong={["width"]} />
          </>
        )}
      </WorkingForm>
      {bra ? null : cups}
      <WorkingForm
        page={label}
        at={at}
        title="Labels"
        intro="Only for buying wires, cups and hooks: the garment is cut from its dimensions."
        unsaved={unsavedFor("label", unsaved)}
      >
        {({ reckoning }) => (
          <>
            <LabelTable label={reckoning} />
            <NumberList label="What the labels rest on" numbers={reckoning.numbers} />
          </>
        )}
      </WorkingForm>
    </>
  );
}
