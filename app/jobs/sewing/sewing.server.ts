import { redirect } from "react-router";
import { type Finding, findingKindOf, spotOf, waitingFindings } from "../../../core/fitting/index.ts";
import { fail, ok, type Result } from "../../../core/result.ts";
import {
  LONGEST_MIN,
  MOST_OWN_STEPS,
  pastMinutes,
  type SewingFacts,
  type SewingWorking,
  started,
  stopped,
  ticked,
} from "../../../core/sewing/index.ts";
import { savedOrThrow } from "../../../data/db/index.ts";
import type { Repositories, Store } from "../../../data/store.ts";
import { parseNumber } from "../../../formats/form/kinds/number.ts";
import { found, invalid } from "../../.server/http/answers.ts";
import type { JobPlanContext } from "../../.server/read/jobPlan.ts";
import type { Fields } from "../../form/unsaved.ts";

/** The facts of a job's sewing with its findings that wait, and the workshop's own times in the style. */
export async function wholeFacts(
  { prototypes, fittings, workings }: Repositories,
  { job }: Pick<JobPlanContext, "job">,
  facts: SewingFacts,
): Promise<SewingFacts> {
  const there = await prototypes.ofJob(job.id);
  const waiting = waitingFindings(await fittings.ofPrototypes(there.map(({ id }) => id)));
  const { sewn } = await workings.underWay();
  const others = sewn.filter(({ jobId, styleId }) => styleId === job.styleId && jobId !== job.id);
  return {
    ...facts,
    putOff: waiting.map((finding) => ({ waitsFor: finding.change?.waitsFor ?? "", words: wordsOf(finding) })),
    past: pastMinutes(others.map(({ working }) => working)),
  };
}

const wordsOf = ({ kind, spot, note }: Finding): string =>
  `${findingKindOf(kind).name}, ${spotOf(spot).name.toLowerCase()}${note ? `: ${note}` : ""}`;

/** What a form asks of the sewing of a job, by its intent. */
type Asked = (working: SewingWorking, fields: Fields, now: string) => Result<SewingWorking>;

const step = ({ step: id = "" }: Fields): string => id;
const without = <Value>(record: Readonly<Record<string, Value>>, id: string): Record<string, Value> =>
  Object.fromEntries(Object.entries(record).filter(([one]) => one !== id));

/** Everything that can be asked; adding one is adding a line. */
const INTENTS: Readonly<Record<string, Asked>> = {
  done: (working, fields, now) => ticked(working, step(fields), fields.on === "yes", now),
  start: (working, fields, now) => started(working, step(fields), now),
  stop: (working, _, now) => stopped(working, now),
  uncounted: (working) => ok({ ...working, timer: null }),
  left: (working, fields) => {
    const others = working.left.filter((id) => id !== step(fields));
    return ok({ ...working, left: fields.on === "yes" ? [...others, step(fields)] : others });
  },
  minutes: (working, fields) => {
    const typed = fields.minutes?.trim() ?? "";
    if (typed === "") return ok({ ...working, spent: without(working.spent, step(fields)) });
    const read = parseNumber(typed, { what: "minutes", least: 0, most: LONGEST_MIN });
    return read.ok ? ok({ ...working, spent: { ...working.spent, [step(fields)]: read.value } }) : read;
  },
  add: (working, fields) => {
    const name = fields.name?.trim() ?? "";
    if (name === "" || name.length > 120)
      return fail("no-name", "Expected what is done in this step, up to 120 letters.");
    if (working.own.length >= MOST_OWN_STEPS)
      return fail("too-many", `Expected at most ${MOST_OWN_STEPS} steps of your own.`);
    const number = Math.max(0, ...working.own.map(({ id }) => Number(id.slice(4)))) + 1;
    return ok({ ...working, own: [...working.own, { id: `own-${number}`, name }] });
  },
  remove: (working, fields) =>
    ok({
      ...working,
      own: working.own.filter(({ id }) => id !== step(fields)),
      order: working.order.filter((id) => id !== step(fields)),
      done: without(working.done, step(fields)),
      spent: without(working.spent, step(fields)),
      timer: working.timer?.step === step(fields) ? null : working.timer,
    }),
};

/** Which field a refusal stands at. */
const FIELD_OF: Readonly<Record<string, string>> = { minutes: "minutes", add: "name" };

/** Does what a form asks of the sewing of a job: whatever else was changed meanwhile stays. */
export function changeSewing(fields: Fields, jobId: number, store: Store, known: readonly string[]) {
  const { intent = "" } = fields;
  const asked = Object.hasOwn(INTENTS, intent) ? INTENTS[intent] : undefined;
  if (!asked) return invalid(fields, { form: "Expected what is to be done with a step, but it was not said." });
  return store.inTransaction(async ({ jobs, workings }) => {
    found(await jobs.find(jobId), "job");
    const { working, texts, version } = await workings.find(jobId, "sewing");
    const ids = [...known, ...working.own.map(({ id }) => id)];
    if (!["stop", "uncounted", "add"].includes(intent) && !ids.includes(step(fields)))
      return invalid(fields, { form: "Expected a step of this garment, but it is not there any more." });
    const changed = asked(working, fields, new Date().toISOString());
    if (!changed.ok) return invalid(fields, { [FIELD_OF[intent] ?? "form"]: changed.problem.message });
    savedOrThrow(await workings.save(jobId, "sewing", { working: changed.value, texts, version }));
    return redirect(`/jobs/${jobId}/sewing`);
  });
}

/**
 * Keeps the maker's own order, unless somebody else has moved a step since: `before` is the order that was moved from. What was
 * ticked or timed meanwhile moves nothing.
 */
export function keepOrder(fields: Fields, jobId: number, store: Store, known: readonly string[]) {
  return store.inTransaction(async ({ jobs, workings }) => {
    found(await jobs.find(jobId), "job");
    const { working, texts, version } = await workings.find(jobId, "sewing");
    const ids = [...known, ...working.own.map(({ id }) => id)];
    const order = (fields.order ?? "").split(" ").filter((id) => ids.includes(id));
    if (order.length === 0) return invalid(fields, { form: "Expected steps in their order, but none was named." });
    if (fields.before !== working.order.join(" "))
      return invalid(fields, { form: "Another window has moved steps meanwhile: here is their order now." }, 409);
    savedOrThrow(
      await workings.save(jobId, "sewing", { working: { ...working, order: [...new Set(order)] }, texts, version }),
    );
    return redirect(`/jobs/${jobId}/sewing`);
  });
}
