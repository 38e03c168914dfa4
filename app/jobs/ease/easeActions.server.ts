import { data, redirect } from "react-router";
import {
  isSchoolId,
  isZone,
  OPENINGS,
  roundGirth,
  type Style,
  type Zone,
  type ZoneChoice,
} from "../../../core/ease/index.ts";
import type { Job } from "../../../core/job/index.ts";
import { fail, ok, type Result } from "../../../core/result.ts";
import type { Repositories } from "../../../data/store.ts";
import { found } from "../../.server/http/answers.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Girths and pressures a maker may set, mm and kPa: beyond them a digit is wrong. */
const GIRTH_RANGE_MM = [30, 3000] as const;
const MOST_PRESSURE_KPA = 20;

/** What a post to the ease plan changes of a job. Problems say what was expected. */
type Change = (fields: Fields, job: Job, style: Style) => Result<Job>;

const CHANGES: ReadonlyMap<string, Change> = new Map<string, Change>(
  Object.entries({
    school: ({ school = "" }, job, style) =>
      isSchoolId(school) && style.schools.includes(school)
        ? ok({ ...job, school })
        : fail("no-such-school", "Expected one of the schools shown."),
    zone: (fields, job, style) => withZone(fields, style, (zone) => zoneChange(fields, job, style, zone)),
    pressure: (fields, job, style) => withZone(fields, style, (zone) => pressureChange(fields, job, zone)),
    closure: (fields, job, style) => withZone(fields, style, (zone) => closureChange(fields, job, zone)),
  } satisfies Record<string, Change>),
);

function withZone({ zone = "" }: Fields, { zones }: Style, change: (zone: Zone) => Result<Job>): Result<Job> {
  return isZone(zone) && zones.includes(zone) ? change(zone) : fail("no-such-zone", "Expected a zone of this style.");
}

function zoneChange({ by = "", garmentMm = "" }: Fields, job: Job, { schools }: Style, zone: Zone): Result<Job> {
  if (by === "job") return ok({ ...job, zones: without(job.zones, zone) });
  const choice = zoneChoice(by, garmentMm);
  if (!choice.ok) return choice;
  if (choice.value.by !== "own" && !schools.includes(choice.value.by))
    return fail("no-such-school", "Expected one of the schools shown.");
  return ok({ ...job, zones: { ...job.zones, [zone]: choice.value } });
}

function zoneChoice(by: string, garmentMm: string): Result<ZoneChoice> {
  if (by !== "own") return isSchoolId(by) ? ok({ by }) : fail("no-such-school", "Expected one of the schools shown.");
  const girth = numberWithin(garmentMm, GIRTH_RANGE_MM);
  return girth === null
    ? fail("girth-out-of-range", `Expected a girth of ${GIRTH_RANGE_MM.join(" to ")} mm, but got “${garmentMm}”.`)
    : ok({ by, garmentMm: roundGirth(girth) });
}

function pressureChange({ kpa = "" }: Fields, job: Job, zone: Zone): Result<Job> {
  if (kpa === "") return ok({ ...job, pressuresKpa: without(job.pressuresKpa, zone) });
  const pressure = numberWithin(kpa, [0, MOST_PRESSURE_KPA]);
  return pressure === null
    ? fail(
        "pressure-out-of-range",
        `Expected a pressure of 0 to ${MOST_PRESSURE_KPA} kPa, but got “${kpa.slice(0, 40)}”.`,
      )
    : ok({ ...job, pressuresKpa: { ...job.pressuresKpa, [zone]: pressure } });
}

function closureChange({ closure = "" }: Fields, job: Job, zone: Zone): Result<Job> {
  if (closure === "") return ok({ ...job, openings: without(job.openings, zone) });
  const known = OPENINGS.find((one) => one === closure);
  return known
    ? ok({ ...job, openings: { ...job.openings, [zone]: known } })
    : fail("no-such-closure", `Expected one of ${OPENINGS.join(", ")}.`);
}

function numberWithin(text: string, [least, most]: readonly [number, number]): number | null {
  const value = text.trim() === "" ? Number.NaN : Number(text.replace(",", "."));
  return value >= least && value <= most ? value : null;
}

function without<T>(record: Readonly<Partial<Record<Zone, T>>>, zone: Zone): Partial<Record<Zone, T>> {
  const { [zone]: _gone, ...rest } = record;
  return rest as Partial<Record<Zone, T>>;
}

/** Changes a job as a post to its ease plan says, in one transaction; a newer version is never overwritten. */
export async function changeEase(fields: Fields, jobId: number, { jobs, styles, cloths }: Repositories) {
  const job = found(await jobs.find(jobId), "job");
  const changed =
    fields.intent === "elastic"
      ? await elasticChange(fields, job, cloths)
      : (CHANGES.get(fields.intent ?? "") ?? noSuchIntent)(fields, job, found(await styles.find(job.styleId), "style"));
  if (!changed.ok) return data({ stale: false, error: changed.problem.message }, { status: 400 });
  const outcome = await jobs.save({ ...changed.value, version: Number(fields.version) });
  if (!outcome.saved) return data({ stale: true, error: null }, { status: 409 });
  return redirect(`/jobs/${jobId}/ease${isZone(fields.shown ?? "") ? `?zone=${fields.shown}` : ""}`);
}

const noSuchIntent: Change = () => fail("no-such-intent", "Expected something this page can change.");

async function elasticChange({ elastic = "" }: Fields, job: Job, cloths: Repositories["cloths"]): Promise<Result<Job>> {
  if (elastic === "") return ok({ ...job, edgeElasticId: null });
  const cloth = /^[1-9]\d{0,14}$/.test(elastic) ? await cloths.find(Number(elastic)) : null;
  return cloth?.kind === "elastic"
    ? ok({ ...job, edgeElasticId: cloth.id })
    : fail("no-such-elastic", "Expected an elastic of the shelf.");
}
