import type { Style } from "../../../core/ease/index.ts";
import {
  type Change,
  type ChangeTarget,
  type FrozenLayer,
  linkedFor,
  type SpotId,
  spotsOf,
} from "../../../core/fitting/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  choice,
  type FormRead,
  group,
  line,
  type Messages,
  notes,
  optionalLine,
  orElse,
  orNull,
  smallLength,
  unless,
  type ValueOf,
  whole,
} from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { SIDES } from "../fitting/fittingForm.server.ts";

/** Largest change, mm, and most seams it is spread over. */
const LARGEST_MM = 500;
const MOST_SEAMS = 24;

const seams = whole({ what: "a number of seams", least: 1, most: MOST_SEAMS });

const schema = group({
  on: choice("what it changes", ["girth", "length", "making"]),
  place: optionalLine("one of the places offered"),
  side: choice("a side", SIDES),
  amount: orNull(smallLength(LARGEST_MM)),
  direction: orNull(choice("which way", ["give", "take"])),
  seams: orElse(seams, 1),
  pieces: line("the pieces it is drawn on"),
  line: line("the line or seam"),
  blend: optionalLine("where it blends"),
  reason: notes(),
});

const readTyped = formReader(schema);

/** What an own change is read against. */
export interface OwnChangeOf {
  readonly style: Pick<Style, "zones" | "lengths" | "family">;
  readonly layers: readonly Pick<FrozenLayer, "name">[];
}

/** Reads a change of the maker's own: a girth, a length of the plan, or other work on the pattern. */
export function readOwnChange(fields: Fields, of: OwnChangeOf): FormRead<Omit<Change, "id" | "cutInto">> {
  const read = readTyped(fields);
  if (!read.ok) return read;
  const { place: placeText, amount, direction, ...typed } = read.value;
  const place = placeOf(typed.on, placeText, of.style);
  const errors: Messages = {
    ...(place ? {} : { place: "Expected one of the places offered." }),
    ...lackOfAmount(read.value),
  };
  return unless(errors, () => ({
    ...typed,
    findingId: null,
    decision: "own",
    remedy: "",
    ...(place as NonNullable<typeof place>),
    seams: typed.on === "girth" ? typed.seams : 1,
    parts: [],
    strain: null,
    share: null,
    proposedMm: null,
    amountMm: amount === null || direction !== "take" ? amount : -amount,
    linked: linkedFor(typed.pieces, of.layers),
    untickedReason: "",
    waitsFor: "",
    version: 0,
  }));
}

function placeOf(
  on: ChangeTarget,
  place: string,
  { zones, lengths, family }: Pick<Style, "zones" | "lengths" | "family">,
): Pick<Change, "spot" | "zone" | "lengthId"> | null {
  const spots = spotsOf({ zones, family });
  if (on === "length") {
    const length = lengths.find(({ id }) => id === place);
    const spot = spots.find(({ id }) => id === "waist") ?? spots[0];
    return length && spot ? { spot: spot.id, zone: spot.zone, lengthId: length.id } : null;
  }
  const spot = spots.find(({ id }) => id === place);
  if (!spot || (on === "girth" && !zones.some((zone) => zone === place))) return null;
  return { spot: spot.id as SpotId, zone: spot.zone, lengthId: "" };
}

/** Other work on the pattern may have no amount; a girth or a length has one, and a way. */
function lackOfAmount({ on, amount, direction }: ValueOf<typeof schema>): Messages {
  if (amount === null && on === "making") return {};
  return {
    ...(amount === null ? { amount: "Expected an amount such as 24 or 15/16 in, but the field is empty." } : {}),
    ...(direction === null ? { direction: "Expected which way: give or take." } : {}),
  };
}
