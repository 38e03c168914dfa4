import Box from "@mui/material/Box";
import { explainPerEdge, explainTake, shareWords } from "../../../core/fitting/explain/explainProposal.ts";
import { findingKindOf } from "../../../core/fitting/findings/index.ts";
import type { Finding } from "../../../core/fitting/fitting.ts";
import type { FindingProposal } from "../../../core/fitting/proposeFor.ts";
import { percent } from "../../components/units/percent.ts";
import { useLengths } from "../../components/units/UnitContext.tsx";
import { Why } from "../../components/why/WhyDrawer.tsx";

interface ProposalViewProps {
  readonly finding: Finding;
  readonly proposal: FindingProposal;
  readonly seams: { readonly count: number; readonly name: string };
}

/** The first proposal with its reason in view: how much of what was read, on which seams, and what else could be done. */
export function ProposalView({ finding, proposal, seams }: ProposalViewProps) {
  const lengths = useLengths();
  const kind = findingKindOf(finding.kind);
  const { takeMm, perEdgeMm, share, there, shareFrom } = proposal;
  return (
    <Box
      sx={{ bgcolor: "bench.sunken", borderLeft: 4, borderColor: "secondary.main", pl: 2, pr: 1.5, py: 1.25, mb: 1.5 }}
    >
      <Box sx={{ fontSize: "1.15rem" }}>
        Proposed: girth{" "}
        <strong>
          <Why label="Proposed change" explain={() => explainTake(finding, proposal)}>
            {lengths.difference(takeMm)}
          </Why>
        </strong>
        {perEdgeMm === null ? null : (
          <>
            {" "}
            over the {seams.name}:{" "}
            <strong>
              <Why
                label="Change at each seam edge"
                explain={() => explainPerEdge({ amountMm: takeMm, seams: proposal.seams })}
              >
                {lengths.difference(perEdgeMm)}
              </Why>
            </strong>{" "}
            at each of {2 * proposal.seams} edges
          </>
        )}
      </Box>
      <Box sx={{ color: "text.secondary", fontSize: "0.92rem" }}>
        {share === 1 ? "All" : String(Number(share.toFixed(2)))} of the {lengths.amount(finding.amountMm)}{" "}
        {shareWords(shareFrom)}
        {there && there.strain > 0 ? `, read on cloth stretched ${percent(there.strain)} (${there.basis})` : ""}.{" "}
        {kind.proposalText(finding.zone)} {kind.alternatives(finding.zone).join(" ")}
      </Box>
    </Box>
  );
}
