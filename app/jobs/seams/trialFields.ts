import type { Direction } from "../../../core/cloth/index.ts";
import {
  type Advice,
  isNeedle,
  isPosition,
  type Machine,
  POSITIONS,
  type Position,
  type SeamRecipe,
  type SeamSetup,
  type TrialRead,
  USUAL_GAUGE_MM,
} from "../../../core/seams/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { numberText } from "../../form/numberText.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Name of the draft of a job's next trial. */
export const trialDraft = (jobId: number): string => draftName("trial", jobId);

/** A length as it is being typed, mm; null while it is none. */
export function typedMm(text: string | undefined): number | null {
  const value = Number((text ?? "").replace(",", ".").replace(/\s*mm$/, ""));
  return text && Number.isFinite(value) && value > 0 ? value : null;
}

/** Name of a field of a thread. */
export const threadField = (position: Position, what: "kind" | "tension"): string => `thread.${position}.${what}`;

const orEmpty = (value: number | null): string => (value === null ? "" : numberText(value));

/** The fields a set-up is typed in. */
const setupFields = (setup: SeamSetup): Fields => ({
  machine: setup.machine,
  stitch: setup.stitch,
  needleKind: setup.needleKind,
  needleSize: String(setup.needleSize),
  ...Object.fromEntries(
    setup.threads.flatMap(({ position, kind, tension }) => [
      [threadField(position, "kind"), kind],
      [threadField(position, "tension"), orEmpty(tension)],
    ]),
  ),
  stitchLength: numberText(setup.lengthMm),
  width: orEmpty(setup.widthMm),
  differential: orEmpty(setup.differential),
  foot: setup.foot,
  ...(setup.fedStretched ? { fedStretched: "yes" } : {}),
  layers: String(setup.layers),
  direction: setup.direction,
});

/** What the next trial starts from: the set-up of the last with the one change that was advised. */
function advisedFields(setup: SeamSetup, { change, to }: Advice): Fields {
  const fields = setupFields(setup);
  if (isPosition(change)) return { ...fields, [threadField(change, "tension")]: String(to) };
  switch (change) {
    case "stitchLength":
      return { ...fields, stitchLength: String(to) };
    case "differential":
      return { ...fields, differential: String(to) };
    case "feedStretched":
      return { ...fields, fedStretched: "yes" };
    case "looperThread":
      return {
        ...fields,
        ...Object.fromEntries(
          setup.threads
            .filter(({ position }) => !isNeedle(position))
            .map(({ position }) => [threadField(position, "kind"), "texturedNylon"]),
        ),
      };
    default:
      return fields;
  }
}

/** What a first trial starts from: what most begin with, on the first machine's own stitch; nothing of a result. */
function firstFields(machines: readonly Machine[], layers: number, direction: string): Fields {
  const [machine] = machines;
  const dial = machine ? numberText(machine.dialBase) : "";
  return {
    ...(machines.length === 1 && machine ? { machine: machine.name } : {}),
    ...{ stitch: machine?.stitches[0] ?? "514", needleKind: "stretch", needleSize: "75" },
    ...Object.fromEntries(
      POSITIONS.flatMap((position) => [
        [threadField(position, "kind"), "spun"],
        [threadField(position, "tension"), dial],
      ]),
    ),
    ...{ layers: String(layers), direction },
  };
}

/** What the next trial of a job may start from. */
interface StartsFrom {
  /** The recipe that was chosen; null for none. */
  readonly recipe: Pick<SeamRecipe, "setup"> | null;
  readonly last: Pick<TrialRead, "trial" | "advice"> | undefined;
  readonly machines: readonly Machine[];
  readonly layers: number;
  /** The direction of the cloth that goes round the body: most seams run across it. */
  readonly round: Direction;
}

/** The fields the next trial starts from: a recipe, else the last trial with what was advised, else what most begin with. */
export function startFields({ recipe, last, machines, layers, round }: StartsFrom): Fields {
  const gauge = String(last?.trial.gaugeMm ?? USUAL_GAUGE_MM);
  if (recipe) return { ...setupFields(recipe.setup), gauge };
  if (!last) return { ...firstFields(machines, layers, round === "along" ? "across" : "along"), gauge };
  const { trial, advice } = last;
  return { ...(advice ? advisedFields(trial.setup, advice) : setupFields(trial.setup)), gauge };
}
