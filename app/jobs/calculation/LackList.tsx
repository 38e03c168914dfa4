import Alert from "@mui/material/Alert";
import { nameOf } from "../../../core/body/index.ts";
import type { Lack } from "../../../core/calculation/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Where the measures a job lacks are taken. */
export interface MeasuresAt {
  readonly jobId: number;
  readonly wearerId: number;
  readonly sheetId: number | null;
}

const STEP_WORDS = { ease: "Ease plan", corset: "Reduction", pieces: "Pieces" } as const;

/** What a calculation lacks, each thing with the way to it; nothing is guessed in its place. */
export function LackList({ lacks, at }: { lacks: readonly Lack[]; at: MeasuresAt }) {
  const written = useLengths();
  if (lacks.length === 0) return null;
  const measures = lacks.filter((lack) => lack.what === "measure");
  const entries = lacks.filter((lack) => lack.what === "entry");
  const plans = [
    ...new Map(lacks.flatMap((lack) => (lack.what === "plan" ? [[lack.message, lack] as const] : []))).values(),
  ];
  const codes = [...new Set(measures.map(({ code }) => code))].join(",");
  const sheet = `/wearers/${at.wearerId}/sheets/new?job=${at.jobId}&also=${codes}${at.sheetId ? `&from=${at.sheetId}` : ""}`;
  return (
    <Alert severity="info" icon={false} sx={{ mb: 1.5 }}>
      {measures.length > 0 ? (
        <div>
          Not measured: {measures.map(({ code, side }) => nameOf(code, side)).join("; ")}.{" "}
          <TextLink to={sheet}>Take {measures.length === 1 ? "it" : "them"}</TextLink>
        </div>
      ) : null}
      {entries.length > 0 ? (
        <div>Still to be typed: {entries.map(({ name }) => written.told(name)).join("; ")}.</div>
      ) : null}
      {plans.map(({ message, step = "ease" as const }) => (
        <div key={message}>
          {written.told(message)} <TextLink to={`/jobs/${at.jobId}/${step}`}>{STEP_WORDS[step]}</TextLink>
        </div>
      ))}
    </Alert>
  );
}
