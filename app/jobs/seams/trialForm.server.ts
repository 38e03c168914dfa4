import { DIRECTIONS } from "../../../core/cloth/index.ts";
import {
  DIFFERENTIAL,
  GAVE,
  HIGHEST_DIAL,
  LOOKS,
  type Machine,
  NEEDLE_KINDS,
  NEEDLE_SIZES,
  POSITION_NAMES,
  POSITIONS,
  type SeamSetup,
  type SeamTrial,
  type SetupThread,
  STITCH_IDS,
  STITCH_LENGTH_MM,
  type Stitch,
  stitchOf,
  THREADS,
  USUAL_GAUGE_MM,
} from "../../../core/seams/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  choice,
  day,
  each,
  type FormRead,
  group,
  line,
  type Messages,
  notes,
  number,
  optionalLine,
  orElse,
  orNull,
  swatchLength,
  tick,
  unless,
  type ValueOf,
  whole,
} from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { threadField } from "./trialFields.ts";

/** Longest anything is pulled, mm. */
const LONGEST_MM = 5000;

const pulled = (what: string) => swatchLength({ what, mostMm: LONGEST_MM });

const schema = group({
  on: day("the day it was sewn"),
  machine: line("a machine"),
  stitch: choice("a stitch", STITCH_IDS),
  needleKind: choice("a kind of needle", NEEDLE_KINDS),
  needleSize: choice("a size of needle", NEEDLE_SIZES.map(String)),
  thread: each(POSITIONS, (position) =>
    group({
      kind: orElse(
        choice(
          `the thread of the ${POSITION_NAMES[position]}`,
          THREADS.map(({ id }) => id),
        ),
        "spun",
      ),
      tension: orNull(number({ what: `the dial of the ${POSITION_NAMES[position]}`, least: 0, most: HIGHEST_DIAL })),
    }),
  ),
  stitchLength: number(
    { what: "a stitch length in mm", least: STITCH_LENGTH_MM[0], most: STITCH_LENGTH_MM[1] },
    /\s*mm$/,
  ),
  width: orNull(number({ what: "a width in mm", least: 0, most: 9 }, /\s*mm$/)),
  differential: orNull(number({ what: "a differential", least: DIFFERENTIAL[0], most: DIFFERENTIAL[1] })),
  foot: optionalLine("a presser foot", 80),
  fedStretched: tick(),
  layers: whole({ what: "how many layers", least: 1, most: 12 }),
  direction: choice("a direction", DIRECTIONS),
  gauge: orElse(pulled("a gauge"), USUAL_GAUGE_MM),
  length: pulled("a length"),
  gave: choice("what gave", GAVE),
  look: choice("how it looks", LOOKS),
  rest: orNull(pulled("a length after 60 s")),
  notes: notes(),
});

const readTyped = formReader(schema);

type Typed = ValueOf<typeof schema>;

/** Reads the form of a trial, sewn on one of the workshop's machines. */
export function readTrial(
  fields: Fields,
  machines: readonly Machine[],
  today: string,
): FormRead<Omit<SeamTrial, "id">> {
  const read = readTyped(fields, { today });
  if (!read.ok) return read;
  const machine = machines.find(({ name }) => name === read.value.machine);
  if (!machine)
    return {
      ok: false,
      errors: { machine: `Expected a machine of the workshop, but got “${read.value.machine.slice(0, 60)}”.` },
    };
  const stitch = stitchOf(read.value.stitch);
  return unless<Omit<SeamTrial, "id">>(wrongWith(read.value, stitch, machine), () =>
    trialFrom(read.value, stitch, machine),
  );
}

function wrongWith(typed: Typed, stitch: Stitch, machine: Machine): Messages {
  const { gauge, length, rest, width } = typed;
  return {
    ...(machine.stitches.length > 0 && !machine.stitches.includes(typed.stitch)
      ? { stitch: `Expected a stitch of “${machine.name}” (${machine.stitches.join(", ")}), but got ${stitch.id}.` }
      : {}),
    ...widthWrong(width, stitch),
    ...dialsWrong(typed, stitch, machine),
    ...(length < gauge
      ? {
          length: `Expected at least the ${gauge} mm that were marked, but got ${length} mm: a seam that is pulled grows.`,
        }
      : {}),
    ...(rest !== null && rest > length
      ? { rest: `Expected at most the ${length} mm it was pulled to, but got ${rest} mm.` }
      : {}),
  };
}

function widthWrong(width: number | null, { widthMm, id }: Stitch): Messages {
  if (!widthMm) return {};
  const [least, most] = widthMm;
  return width === null || width < least || width > most
    ? {
        width: `Expected a width of stitch ${id}, ${least} to ${most} mm, but ${width === null ? "none was typed" : `got ${width} mm`}.`,
      }
    : {};
}

const dialsWrong = ({ thread }: Typed, { positions }: Stitch, { dialMost, name }: Machine): Messages =>
  Object.fromEntries(
    positions.flatMap((position) => {
      const tension = thread[position]?.tension ?? null;
      return tension !== null && tension > dialMost
        ? [
            [
              threadField(position, "tension"),
              `Expected a dial from 0 to ${dialMost} of “${name}”, but got ${tension}.`,
            ],
          ]
        : [];
    }),
  );

function trialFrom(typed: Typed, stitch: Stitch, machine: Machine): Omit<SeamTrial, "id"> {
  const { on, gauge, length, rest, gave, look, notes: words } = typed;
  return {
    on,
    setup: setupFrom(typed, stitch, machine),
    gaugeMm: gauge,
    lengthMm: length,
    gave,
    look,
    restMm: rest,
    notes: words,
  };
}

function setupFrom(typed: Typed, stitch: Stitch, { name, dialBase, dialMost, differential }: Machine): SeamSetup {
  const threads = stitch.positions.map(
    (position): SetupThread => ({
      position,
      kind: typed.thread[position]?.kind ?? "spun",
      tension: typed.thread[position]?.tension ?? null,
    }),
  );
  return {
    ...{ machine: name, dialBase, dialMost, stitch: typed.stitch, threads, lengthMm: typed.stitchLength },
    needleKind: typed.needleKind,
    needleSize: Number(typed.needleSize) as SeamSetup["needleSize"],
    widthMm: stitch.widthMm ? typed.width : null,
    differential: differential ? typed.differential : null,
    ...{ foot: typed.foot, fedStretched: typed.fedStretched, layers: typed.layers, direction: typed.direction },
  };
}
