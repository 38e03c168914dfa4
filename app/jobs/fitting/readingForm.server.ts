import { ZONE_NAMES, ZONES, type Zone } from "../../../core/ease/index.ts";
import { type CheckResult, type FitCheck, isCheckId, type Reading } from "../../../core/fitting/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  choice,
  type FormRead,
  group,
  line,
  optionalLine,
  orElse,
  orNull,
  smallLength,
  typedForce,
  typedSmallLength,
  wrong,
} from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { SIDES } from "./fittingForm.server.ts";
import { TALLEST_MM } from "./readingKinds.ts";

const readTypedCheck = formReader(
  group({
    check: line("a check"),
    outcome: choice("how it went", ["pass", "fail", "notTried"]),
    note: optionalLine("a note"),
  }),
);

/** Reads how a check of the style's list went. */
export function readCheck(fields: Fields, checks: readonly FitCheck[]): FormRead<CheckResult> {
  const read = readTypedCheck(fields);
  if (!read.ok) return read;
  const { check, ...how } = read.value;
  if (!isCheckId(check) || !checks.some(({ id }) => id === check))
    return wrong("check", "Expected a check of this style's list.");
  return { ok: true, value: { check, ...how } };
}

/** Strongest force a hand gauge at a fitting reads, N. */
const STRONGEST_N = 500;

/** Farthest lift, mm. */
const FARTHEST_LIFT_MM = 300;

const head = {
  zone: choice("a zone", ZONES),
  side: orElse(choice("a side", SIDES), "both"),
  note: optionalLine("a note"),
};

/** What each kind of reading says: the force, over which height, or how far the edge comes off the body. */
const BY_KIND = {
  lift: formReader(group({ ...head, force: typedForce(STRONGEST_N) })),
  liftBy: formReader(group({ ...head, lift: typedSmallLength(FARTHEST_LIFT_MM) })),
  closure: formReader(
    group({
      ...head,
      force: typedForce(STRONGEST_N),
      height: smallLength(TALLEST_MM),
      elastics: orNull(typedForce(STRONGEST_N)),
    }),
  ),
} as const;

const readKind = formReader(group({ kind: choice("what was read", ["closure", "lift", "liftBy"]) }));

/** Reads the form of a tension reading, by its kind. */
export function readReading(fields: Fields, zones: readonly Zone[]): FormRead<Omit<Reading, "id">> {
  const kind = readKind(fields);
  if (!kind.ok) return kind;
  const read = readByKind(kind.value.kind, fields);
  if (!read.ok || zones.includes(read.value.zone)) return read;
  const names = zones.map((one) => ZONE_NAMES[one].toLowerCase()).join(", ");
  return wrong("zone", `Expected a zone of this style (${names}).`);
}

const NOTHING_READ = { newtons: null, heightMm: null, elasticsN: null, liftMm: null } as const;

function readByKind(kind: keyof typeof BY_KIND, fields: Fields): FormRead<Omit<Reading, "id">> {
  if (kind === "liftBy") {
    const read = BY_KIND.liftBy(fields);
    if (!read.ok) return read;
    const { lift, ...rest } = read.value;
    return { ok: true, value: { ...NOTHING_READ, ...rest, kind: "lift", text: lift.text, liftMm: lift.mm } };
  }
  if (kind === "lift") {
    const read = BY_KIND.lift(fields);
    if (!read.ok) return read;
    const { force, ...rest } = read.value;
    return { ok: true, value: { ...NOTHING_READ, ...rest, kind, text: force.text, newtons: force.newtons } };
  }
  const read = BY_KIND.closure(fields);
  if (!read.ok) return read;
  const { force, height: heightMm, elastics, ...rest } = read.value;
  const elasticsN = elastics?.newtons ?? null;
  const value = { ...NOTHING_READ, ...rest, kind, text: force.text, newtons: force.newtons, heightMm, elasticsN };
  return { ok: true, value };
}
