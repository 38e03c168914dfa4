import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import { type Finding, findingKindOf, type SignOffState, spotOf } from "../../../core/fitting/index.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { TextLink } from "../../frame/TextLink.tsx";

const findingWords = (findings: readonly Finding[]): string =>
  findings
    .map(({ kind, spot }) => `${findingKindOf(kind).name.toLowerCase()}, ${spotOf(spot).name.toLowerCase()}`)
    .join("; ");

/** What a sign-off asks for, and what of it is still open. */
export function StateList({ state, jobId }: { state: SignOffState; jobId: number }) {
  const { prototype, fitted, clean } = state;
  if (!prototype || !fitted) {
    return (
      <EmptyState title="Not yet">
        A job is signed off with a prototype that was fitted.{" "}
        <TextLink to={`/jobs/${jobId}/prototypes`}>To the prototypes</TextLink>
      </EmptyState>
    );
  }
  if (clean) {
    return (
      <Alert severity="success" icon={false}>
        Everything found was decided and judged, and every check was done and good.
      </Alert>
    );
  }
  const rows: readonly (readonly [string, string])[] = [
    ["No word yet", findingWords(state.undecided)],
    ["Decided, but in no prototype", findingWords(state.uncut)],
    ["Waits for a sewing step", findingWords(state.waiting)],
    ["Cut, but not judged", findingWords(state.unjudged)],
    ["Checks not tried", state.untried.map(({ name }) => name.toLowerCase()).join(", ")],
    ["Checks that failed", state.failed.map(({ name }) => name.toLowerCase()).join(", ")],
  ];
  return (
    <Alert severity="warning" aria-label="Still open">
      <strong>Still open on prototype {prototype.number}.</strong> It can be signed off with a word on why.
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {rows
          .filter(([, words]) => words !== "")
          .map(([name, words]) => (
            <li key={name}>
              {name}: {words}
            </li>
          ))}
      </Box>
    </Alert>
  );
}
