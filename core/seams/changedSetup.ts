import { isNeedle, POSITION_NAMES, POSITIONS, type Position } from "./position.ts";
import type { SeamSetup, SetupThread } from "./setup.ts";
import { threadOf } from "./thread.ts";

/** One thing that is otherwise in a set-up than in the one before: `upper looper: tension 4 → 3.5`. */
export interface SetupChange {
  /** Which thing: two places of one kind are two. */
  readonly id: string;
  readonly words: string;
}

const WHOLE: readonly (readonly [keyof SeamSetup, string, (setup: SeamSetup) => string])[] = [
  ["machine", "machine", ({ machine }) => machine],
  ["stitch", "stitch", ({ stitch }) => stitch],
  ["needleKind", "needle", ({ needleKind, needleSize }) => `${needleKind} ${needleSize}`],
  ["lengthMm", "stitch length", ({ lengthMm }) => `${lengthMm} mm`],
  ["widthMm", "width", ({ widthMm }) => (widthMm === null ? "none" : `${widthMm} mm`)],
  ["differential", "differential", ({ differential }) => (differential === null ? "none" : String(differential))],
  ["foot", "foot", ({ foot }) => foot || "not told"],
  ["fedStretched", "fed", ({ fedStretched }) => (fedStretched ? "slightly stretched" : "as it lies")],
  ["layers", "layers", ({ layers }) => String(layers)],
  ["direction", "direction", ({ direction }) => direction],
];

/** Everything that is otherwise, thing by thing. A needle is one thing, its kind and its size. */
export function changedSetup(before: SeamSetup, after: SeamSetup): SetupChange[] {
  const whole = WHOLE.flatMap(([id, name, told]) =>
    told(before) === told(after) ? [] : [{ id, words: `${name}: ${told(before)} → ${told(after)}` }],
  );
  return [
    ...whole,
    ...underThreads(before, after),
    ...POSITIONS.flatMap((position) => oneThread(position, before, after)),
  ];
}

const threadAt = ({ threads }: SeamSetup, position: Position): SetupThread | undefined =>
  threads.find((one) => one.position === position);

const kindChange = (position: Position, before: SeamSetup, after: SeamSetup): string[] => {
  const [old, now] = [threadAt(before, position), threadAt(after, position)];
  return old && now && old.kind !== now.kind
    ? [`${POSITION_NAMES[position]}: ${threadOf(old.kind).name} → ${threadOf(now.kind).name}`]
    : [];
};

/** Another thread in loopers and bobbin is one change, however many of them there are. */
function underThreads(before: SeamSetup, after: SeamSetup): SetupChange[] {
  const words = POSITIONS.filter((one) => !isNeedle(one)).flatMap((one) => kindChange(one, before, after));
  return words.length === 0 ? [] : [{ id: "looperThread", words: words.join(", ") }];
}

function oneThread(position: Position, before: SeamSetup, after: SeamSetup): SetupChange[] {
  const [old, now] = [threadAt(before, position), threadAt(after, position)];
  const kinds = isNeedle(position) ? kindChange(position, before, after) : [];
  const dial =
    old && now && old.tension !== now.tension
      ? [`${POSITION_NAMES[position]}: tension ${old.tension ?? "not told"} → ${now.tension ?? "not told"}`]
      : [];
  return [
    ...kinds.map((words) => ({ id: `${position}.kind`, words })),
    ...dial.map((words) => ({ id: `${position}.tension`, words })),
  ];
}
