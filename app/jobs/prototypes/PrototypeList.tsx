import Typography from "@mui/material/Typography";
import { type Finding, needsWord, PROTOTYPE_KINDS, type PrototypeKind } from "../../../core/fitting/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { PlainList } from "../../frame/PlainList.tsx";
import { TextLink } from "../../frame/TextLink.tsx";

/** A prototype as the list tells it. */
interface ListedPrototype {
  readonly number: number;
  readonly kind: PrototypeKind;
  readonly startedOn: string;
  readonly fittedOn: readonly string[];
  readonly findings: readonly Pick<Finding, "kind" | "change" | "judgement">[];
}

/** The prototypes made so far, each with its fitting and what came of it. */
export function PrototypeList({ jobId, prototypes }: { jobId: number; prototypes: readonly ListedPrototype[] }) {
  if (prototypes.length === 0) {
    return (
      <Typography color="text.secondary">
        None yet. Starting one freezes the plan into it: measures, cloth test, school and every girth stay with it for
        good.
      </Typography>
    );
  }
  return (
    <PlainList
      label="Prototypes"
      rows={prototypes.map((prototype) => ({
        key: prototype.number,
        main: <TextLink to={`/jobs/${jobId}/prototypes/${prototype.number}`}>Prototype {prototype.number}</TextLink>,
        side: formatDay(prototype.startedOn),
        more: (
          <>
            {PROTOTYPE_KINDS.find(({ id }) => id === prototype.kind)?.name}.{" "}
            <TextLink to={`/jobs/${jobId}/prototypes/${prototype.number}/fitting`}>{fittingWords(prototype)}</TextLink>
            {outcomeWords(prototype)}
          </>
        ),
      }))}
    />
  );
}

function fittingWords({ fittedOn }: ListedPrototype): string {
  const last = fittedOn.at(-1);
  if (!last) return "not fitted yet";
  return fittedOn.length === 1
    ? `fitted ${formatDay(last)}`
    : `fitted ${fittedOn.length} times, last ${formatDay(last)}`;
}

function outcomeWords({ findings }: ListedPrototype): string {
  if (findings.length === 0) return "";
  const open = findings.filter(needsWord).length;
  const judged = findings.flatMap(({ judgement }) => (judgement ? [judgement.verdict] : []));
  const parts = [`${findings.length} ${findings.length === 1 ? "finding" : "findings"}`];
  if (open > 0) parts.push(`${open} open`);
  for (const verdict of new Set(judged)) parts.push(`${judged.filter((one) => one === verdict).length} ${verdict}`);
  return `: ${parts.join(", ")}`;
}
