import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import {
  type CutWay,
  explainPart,
  explainPerEdge,
  explainRemedy,
  type Finding,
  type FindingProposal,
  perEdge,
  type Remedy,
  shareWords,
} from "../../../core/fitting/index.ts";
import { percent } from "../../frame/units/percent.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { WayWords } from "./WayWords.tsx";

interface ProposalViewProps {
  readonly finding: Finding;
  readonly proposal: FindingProposal;
  /** How each remedy would come onto the pieces, by its name; none where the prototype has no pieces. */
  readonly ways: Readonly<Record<string, CutWay>>;
}

/** The first proposal with its reason in view, what else could be done, what to find out and what to mind. */
export function ProposalView({ finding, proposal, ways }: ProposalViewProps) {
  const lengths = useLengths();
  const [first, ...others] = proposal.remedies;
  return (
    <Box sx={{ mb: 1.5 }}>
      {proposal.cautions.map((caution) => (
        <Alert key={caution} severity="warning" sx={{ mb: 1 }}>
          {lengths.told(caution)}
        </Alert>
      ))}
      {first ? (
        <Box sx={{ bgcolor: "bench.sunken", borderLeft: 4, borderColor: "secondary.main", pl: 2, pr: 1.5, py: 1.25 }}>
          <Box sx={{ fontSize: "1.15rem" }}>
            Proposed: <RemedyWords finding={finding} proposal={proposal} remedy={first} />
          </Box>
          <Box sx={{ fontSize: "0.95rem" }}>
            <WayWords way={ways[first.id]} />
          </Box>
          <Box sx={{ color: "text.secondary", fontSize: "0.92rem" }}>
            <ShareWords finding={finding} proposal={proposal} remedy={first} /> {lengths.told(first.why)}
          </Box>
          {others.length > 0 ? (
            <Box component="ul" sx={{ m: 0, mt: 0.75, pl: 2.5, fontSize: "0.92rem" }}>
              {others.map((remedy) => (
                <li key={remedy.id}>
                  Or: <RemedyWords finding={finding} proposal={proposal} remedy={remedy} />{" "}
                  <Box component="span" sx={{ color: "text.secondary" }}>
                    {lengths.told(remedy.why)}
                  </Box>
                  <WayWords way={ways[remedy.id]} />
                </li>
              ))}
            </Box>
          ) : null}
        </Box>
      ) : null}
      {proposal.asks.map((ask) => (
        <Box key={ask} sx={{ mt: 0.75, fontSize: "0.95rem" }}>
          {lengths.told(ask)}
        </Box>
      ))}
    </Box>
  );
}

function RemedyWords({ finding, proposal, remedy }: Omit<ProposalViewProps, "ways"> & { remedy: Remedy }) {
  const lengths = useLengths();
  const { name, amountMm, seams, line, on, parts } = remedy;
  const apart = parts.filter(({ readMm }) => readMm !== null);
  if (apart.length > 0) {
    return (
      <>
        {name.toLowerCase()}:{" "}
        {apart.map((part, index) => (
          <span key={part.id}>
            {index > 0 ? ", " : ""}
            {part.id}{" "}
            <strong>
              <Why label={`Proposed change, ${part.id}`} explain={() => explainPart(finding, remedy, part)}>
                {lengths.difference(part.amountMm)}
              </Why>
            </strong>
          </span>
        ))}
        .
      </>
    );
  }
  if (amountMm === null) return <strong>{name}.</strong>;
  return (
    <>
      {on === "girth" ? "girth" : `${name.toLowerCase()},`}{" "}
      <strong>
        <Why label="Proposed change" explain={() => explainRemedy(finding, proposal, remedy)}>
          {lengths.difference(amountMm)}
        </Why>
      </strong>
      {seams === null ? (
        "."
      ) : (
        <>
          {" "}
          over the {line}:{" "}
          <strong>
            <Why label="Change at each seam edge" explain={() => explainPerEdge({ amountMm, seams })}>
              {lengths.difference(perEdge(amountMm, seams))}
            </Why>
          </strong>{" "}
          at each of {2 * seams} edges.
        </>
      )}
    </>
  );
}

function ShareWords({ finding, proposal, remedy }: Omit<ProposalViewProps, "ways"> & { remedy: Remedy }) {
  const lengths = useLengths();
  const { taken, there } = proposal;
  if (!taken || finding.amountMm === null || remedy.by !== null || remedy.amountMm === null) return null;
  const { share, shareFrom } = taken;
  return (
    <>
      {share === 1 ? "All" : String(Number(share.toFixed(2)))} of the {lengths.amount(finding.amountMm)}{" "}
      {shareWords(shareFrom)}
      {there && there.strain > 0
        ? `, read on cloth stretched ${percent(there.strain)} (${there.basis === "cups" ? "cups, as set" : there.basis})`
        : ""}
      .
    </>
  );
}
