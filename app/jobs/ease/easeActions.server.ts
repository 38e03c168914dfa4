import { data, redirect } from "react-router";
import {
  isZone,
  leavesNeckCords,
  NO_NECK_CORDS,
  roundGirth,
  type SchoolId,
  type Style,
  type Zone,
} from "../../../core/ease/index.ts";
import type { Job } from "../../../core/job/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { type FormRead, wrong } from "../../../formats/form/index.ts";
import { startedFrom } from "../../.server/http/answerEdit.ts";
import { found } from "../../.server/http/answers.ts";
import type { Fields } from "../../form/unsaved.ts";
import { EASE_FORMS } from "./easeForm.server.ts";

/** What a post to the ease plan is read against. */
interface EasePost {
  readonly fields: Fields;
  readonly job: Job;
  readonly style: Style;
  readonly cloths: Repositories["cloths"];
  readonly isChild: boolean;
}

/** What a post to the ease plan changes of a job. Problems say what was expected. */
type Change = (post: EasePost) => FormRead<Job> | Promise<FormRead<Job>>;

const changed = (job: Job): FormRead<Job> => ({ ok: true, value: job });

const noSchool = wrong("school", "Expected one of the schools shown.");

/** The actions of the ease plan by the form's intent. */
const CHANGES: ReadonlyMap<string, Change> = new Map<string, Change>(
  Object.entries({
    school({ fields, job, style }) {
      const read = EASE_FORMS.school(fields);
      if (!read.ok) return read;
      const { school } = read.value;
      return style.schools.includes(school) ? changed({ ...job, school }) : noSchool;
    },
    zone({ fields, job, style }) {
      const read = EASE_FORMS.zone(fields);
      if (!read.ok) return read;
      const { zone, by, garmentMm } = read.value;
      if (!style.zones.includes(zone)) return noSuchZone;
      if (by === "job") return changed({ ...job, zones: without(job.zones, zone) });
      if (by === "own") {
        if (garmentMm === null) return wrong("garmentMm", "Expected a girth in mm, but the field is empty.");
        return changed({ ...job, zones: { ...job.zones, [zone]: { by, garmentMm: roundGirth(garmentMm) } } });
      }
      return zoneBySchool(job, style, zone, by);
    },
    pressure({ fields, job, style }) {
      const read = EASE_FORMS.pressure(fields);
      if (!read.ok) return read;
      const { zone, kpa } = read.value;
      if (!style.zones.includes(zone)) return noSuchZone;
      const others = without(job.pressuresKpa, zone);
      return changed({ ...job, pressuresKpa: kpa === null ? others : { ...others, [zone]: kpa } });
    },
    closure({ fields, job, style, isChild }) {
      const read = EASE_FORMS.closure(fields);
      if (!read.ok) return read;
      const { zone, closure } = read.value;
      if (!style.zones.includes(zone)) return noSuchZone;
      if (isChild && closure !== null && leavesNeckCords({ [zone]: closure })) return wrong("closure", NO_NECK_CORDS);
      const others = without(job.openings, zone);
      return changed({ ...job, openings: closure === null ? others : { ...others, [zone]: closure } });
    },
    async elastic({ fields, job, cloths }) {
      const read = EASE_FORMS.elastic(fields);
      if (!read.ok) return read;
      const { elastic } = read.value;
      const cloth = elastic === null ? null : await cloths.find(elastic);
      if (elastic !== null && cloth?.kind !== "elastic") return wrong("elastic", "Expected an elastic of the shelf.");
      return changed({ ...job, edgeElasticId: elastic });
    },
  } satisfies Record<string, Change>),
);

const noSuchZone = wrong("zone", "Expected a zone of this style.");

const zoneBySchool = (job: Job, { schools }: Style, zone: Zone, by: SchoolId): FormRead<Job> =>
  schools.includes(by) ? changed({ ...job, zones: { ...job.zones, [zone]: { by } } }) : noSchool;

function without<T>(record: Readonly<Partial<Record<Zone, T>>>, zone: Zone): Partial<Record<Zone, T>> {
  const { [zone]: _gone, ...rest } = record;
  return rest as Partial<Record<Zone, T>>;
}

const noSuchIntent: Change = () => wrong("form", "Expected something this page can change.");

/** Changes a job as a post to its ease plan says, in one transaction; a newer version is never overwritten. */
export async function changeEase(fields: Fields, jobId: number, { jobs, styles, cloths, wearers }: Repositories) {
  const job = found(await jobs.find(jobId), "job");
  const style = found(await styles.find(job.styleId), "style");
  const change = CHANGES.get(fields.intent ?? "") ?? noSuchIntent;
  const read = await change({
    fields,
    job,
    style,
    cloths,
    isChild: (await wearers.find(job.wearerId))?.child ?? false,
  });
  if (!read.ok) return data({ stale: false, error: Object.values(read.errors).join(" ") }, { status: 400 });
  const outcome = await jobs.save({ ...read.value, version: startedFrom(fields) });
  if (!outcome.saved) return data({ stale: true, error: null }, { status: 409 });
  return redirect(`/jobs/${jobId}/ease${isZone(fields.shown ?? "") ? `?zone=${fields.shown}` : ""}`);
}
