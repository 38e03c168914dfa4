import { calculationOf, type WorkingId, type Workings } from "../workings/index.ts";
import type { Job } from "./job.ts";

/** A job to be added: as kept, before it has a number. */
type NewJob = Omit<Job, "id" | "version">;

/** Longest name a job has, letters. */
const LONGEST_NAME = 120;

/** A job begun again: everything decided for it, signed off by nobody, under a name that says what it is. */
export const jobAgain = ({ id: _id, version: _version, ...job }: Job): NewJob => ({
  ...job,
  name: againNamed(job.name),
  signedOff: null,
});

/** A working for a job begun again: what happened to the first garment stays with that one. */
export const workingAgain = <Id extends WorkingId>(id: Id, working: Workings[Id]): Workings[Id] =>
  (calculationOf(id).again?.(working) ?? working) as Workings[Id];

/** `Brief`, `Brief, again`, `Brief, again 2`. */
function againNamed(name: string): string {
  const [, first = name, times] = /^(.*), again(?: (\d+))?$/.exec(name) ?? [];
  const ending = first === name ? ", again" : `, again ${Number(times ?? 1) + 1}`;
  return `${first.slice(0, LONGEST_NAME - ending.length)}${ending}`;
}
