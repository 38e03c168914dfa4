import { type MeasureCode, nameOf } from "../body/index.ts";
import type { JobFacts } from "../calculation/index.ts";
import { explainLength, type PlannedLength, planLengths, type StyleLength, type Zone } from "../ease/index.ts";
import type { Explanation } from "../explain/index.ts";
import type { Problem } from "../result.ts";
import { zonesAlong } from "./alongZones.ts";
import { zoneStrain } from "./zoneGirth.ts";

/** A length of the body as its pieces are cut. mm */
export interface CutLength {
  readonly code: MeasureCode;
  readonly cutMm: number;
  /** Cut over body. */
  readonly cutPerMm: number;
  readonly explanation: Explanation;
}

/** What of some lengths can be cut, and why the others cannot. */
export interface CutLengths {
  readonly cut: readonly CutLength[];
  readonly problems: readonly { readonly code: MeasureCode; readonly problem: Problem }[];
}

/**
 * Lengths of the body as the chosen school cuts them: those of the style as its plan has them, others by the same formula.
 * Without a plan none is cut, and none is a problem of its own.
 */
export function cutLengthsOf(codes: readonly MeasureCode[], job: JobFacts): CutLengths {
  const { style, school, plan, stretch, body, settings, beside } = job;
  if (!school || !plan || !stretch || !body) return { cut: [], problems: [] };
  const answers = planLengths(school, {
    style: { ...style, lengths: codes.flatMap((code) => lengthFor(code, job)) },
    body,
    along: { usableAlong: stretch.usableAlong, contraction: stretch.contraction },
    settings,
    strainOf: (zone) => zoneStrain(zone, plan),
  });
  const sources = { sheet: body.source, test: "", settings: beside.settingsName };
  const explain = (length: PlannedLength) =>
    explainLength(length, school, { freedom: settings.drawInFreedom, others: [] }, sources);
  const cut: CutLength[] = [];
  const problems: { code: MeasureCode; problem: Problem }[] = [];
  for (const { id, answer } of answers) {
    const code = id as MeasureCode;
    if (!answer.ok) problems.push({ code, problem: answer.problem });
    else {
      const { cutMm, bodyMm } = answer.value;
      cut.push({ code, cutMm, cutPerMm: cutMm / bodyMm, explanation: explain(answer.value) });
    }
  }
  return { cut, problems };
}

/** A length of one measure; the trunk loop as the style plans it, and of no account where it does not. */
function lengthFor(code: MeasureCode, { style, plan }: JobFacts): StyleLength[] {
  if (code === "trunk_loop") {
    const loop = style.lengths.find((length) => length.loop);
    return loop ? [{ ...loop, id: code }] : [];
  }
  const planned = (zone: Zone) => plan !== null && zoneStrain(zone, plan) !== null;
  return [
    { id: code, name: nameOf(code, "single"), segments: [{ code, zones: zonesAlong(code, style).filter(planned) }] },
  ];
}
