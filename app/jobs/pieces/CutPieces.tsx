import Typography from "@mui/material/Typography";
import { checkDraft } from "../../../core/drafting/index.ts";
import { recipeOfPieces, type StretchOnBody } from "../../../core/pieces/index.ts";
import { landingFaults, type PrototypePieces } from "../../../core/redraw/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { PiecesView } from "../../pieces/PiecesView.tsx";
import { PrintForm } from "./PrintForm.tsx";

/** The pieces a prototype was cut from, with what was decided on the way drawn in: they change by changes, no more by options. */
export function CutPieces({
  cut: { id, draft, steps },
  number,
  jobId,
  stretch,
}: {
  cut: PrototypePieces;
  number: number;
  jobId: number;
  stretch: StretchOnBody;
}) {
  const lengths = useLengths();
  const { name } = recipeOfPieces(id);
  const record = `/jobs/${jobId}/prototypes/${number}/pieces`;
  return (
    <>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        {name}
      </Typography>
      <Typography sx={{ mb: 1.5, color: "text.secondary" }}>
        They change by what is decided at a fitting.{" "}
        <TextLink to={record}>What was drawn in, beside the ones before</TextLink>;{" "}
        <TextLink to={`/jobs/${jobId}/changes`}>what is cut next</TextLink>.
      </Typography>
      <PiecesView
        draft={draft}
        checks={[...landingFaults(draft, steps), ...checkDraft(draft)]}
        stretch={stretch}
        label={`${name} of prototype ${number}: ${draft.pieces.map((piece) => piece.name.toLowerCase()).join(", ")}, side by side`}
      />
      {draft.pieces.length > 0 ? (
        <PrintForm base={`${record}/${id}`} paper={lengths.unit === "in" ? "letter" : "a4"} under={[]} />
      ) : null}
    </>
  );
}
