import type { MeasureCode } from "../body/index.ts";
import { type JobFacts, wantsOf } from "../calculation/index.ts";
import { type CorsetLevel, HEIGHT_PLACES, heightCode } from "../corset/index.ts";
import { isBoned } from "../ease/index.ts";
import { frontByNeck } from "./frontByNeck.ts";
import { measuresFor, NO_PIECES, type PieceFacts } from "./pieceFacts.ts";
import type { Decided } from "./said/saidOfOptions.ts";

/** Where the upper edge usually lies above the fullest bust of a garment that covers it, mm (a habit). */
const ABOVE_BUST = { above_front: 60, above_side: 40, above_back: 30 } as const;

/** Where cups usually begin from the side seam, mm: the middle of 35 to 50 (a habit). */
const CUPS = { cup_from_side: 42 } as const;

/** Of a garment that opens in front as well. */
const FRONT_OPENS: Decided = {
  front: { value: "opens", words: "Opens, with a busk, as the reduction has it: it is not cut on the fold." },
};

/** What the panels of a boned job are drawn from: its pattern girths as they were decided, and heights of the body. */
export const corsetPieceFacts = (job: JobFacts): PieceFacts =>
  isBoned(job.style) ? panelFacts({ ...job, cups: job.style.measures.includes("wire_line") }) : NO_PIECES;

/** What cups of its own go by, and how deep the centre front may end. */
const CUP_MEASURES = (["wire_line", "bridge_width", "front_neck_to_waist", "neck_to_front_edge"] as const).map(
  (id) => ({
    id,
  }),
);

/** What panels are drawn from. */
export interface PanelsOf extends Pick<JobFacts, "closed" | "body" | "rollWidthMm"> {
  /** True where its bust lies in cups of its own. */
  readonly cups: boolean;
}

/** The same of a garment as it is tried. */
export function panelFacts({ closed, body, rollWidthMm, cups }: PanelsOf): PieceFacts {
  const wants = wantsOf(body);
  if (!closed) {
    wants.plan("Needs a reduction: it decides every girth the panels are drawn to.", "corset");
    return { ...NO_PIECES, lacks: wants.lacks };
  }
  const levels = closed.levels.map(({ level }) => level as CorsetLevel);
  const steps = levels.slice(1).flatMap((level) =>
    HEIGHT_PLACES.flatMap((place) => {
      const code = heightCode(level, place);
      return code === null ? [] : [{ level, place, code }];
    }),
  );
  if (!closed.heights) for (const { code } of steps) wants.length(code);
  const lap = body && wantsOf(body).length("waist_to_lap");
  const measures: Partial<Record<MeasureCode, number>> = {
    ...(lap === null ? {} : { waist_to_lap: lap }),
    ...measuresFor({ measures: CUP_MEASURES }, body),
  };
  for (const { level, place, code } of steps) {
    const mm = closed.heights?.[level]?.[place];
    if (mm !== undefined) measures[code] = mm;
  }
  const front = cups ? null : frontByNeck(closed, body);
  return {
    ...NO_PIECES,
    numbers: front?.numbers ?? [],
    drawn: {
      measures,
      girths: Object.fromEntries(closed.levels.map(({ level, closedMm }) => [level, closedMm])),
      lengths: {},
    },
    usual: {
      ...{ gap: closed.gapMm, added: closed.addedMm },
      ...(rollWidthMm === null ? {} : { roll_width: rollWidthMm }),
      ...(levels[0] === "bust" ? ABOVE_BUST : {}),
      ...(front?.aboveMm == null ? {} : { above_front: front.aboveMm }),
      ...(levels[0] === "bust" && cups ? CUPS : {}),
    },
    ...(closed.opensInFront ? { decided: FRONT_OPENS } : {}),
    lacks: wants.lacks,
    notes: [
      ...(closed.laced
        ? [`The panels of both sides come to ${closed.gapMm} mm less than the closed garment: the gap of its lacing.`]
        : []),
      ...(front?.notes ?? []),
    ],
  };
}
