import { data, type redirect } from "react-router";
import type { Finding, Prototype } from "../../../core/fitting/index.ts";
import type { Repositories } from "../../../data/store.ts";
import type { Picture } from "../../../formats/pictures/picture.ts";
import { found, idFrom, type invalid } from "../../.server/http/answers.ts";
import type { JobRecord } from "../../.server/read/jobRecord.ts";
import type { Fields } from "../../form/unsaved.ts";

/** What every action of the fitting page works on, inside its transaction. */
export interface FittingAction {
  readonly repositories: Repositories;
  readonly read: JobRecord;
  readonly prototype: Prototype;
  readonly fields: Fields;
  /** A photo that came with the form. */
  readonly photo: Picture | null;
  /** Address of the page. */
  readonly address: string;
}

type Answer = ReturnType<typeof redirect> | ReturnType<typeof invalid> | ReturnType<typeof stale>;
/** One thing a fitting is asked to do. */
export type Action = (work: FittingAction) => Promise<Answer>;

/** Answers an action that came too late: the page shows how things stand now. */
export const stale = (fields: Fields) =>
  data(
    { fields, errors: { form: "Somebody was quicker in another window. This is how it stands now; try again." } },
    { status: 409 },
  );

/** A finding of this job, with the prototype it was found on; a 404 for any other. */
export function findingOf({ read, fields }: FittingAction): { finding: Finding; on: Prototype } {
  const id = idFrom(fields.finding, "finding");
  const fitting = found(
    read.fittings.find(({ findings }) => findings.some((one) => one.id === id)),
    "finding",
  );
  return {
    finding: found(
      fitting.findings.find((one) => one.id === id),
      "finding",
    ),
    on: found(
      read.prototypes.find((one) => one.id === fitting.prototypeId),
      "prototype",
    ),
  };
}

/** A fitting of this prototype; a 404 for any other. */
export const fittingOf = ({ read, prototype, fields }: FittingAction) => {
  const id = idFrom(fields.fitting, "fitting");
  return found(
    read.fittings.find((one) => one.id === id && one.prototypeId === prototype.id),
    "fitting",
  );
};

/** Nothing is written into a closed prototype. */
export const closed = (fields: Fields) =>
  data({ fields, errors: { form: "This prototype is closed: write a note to it instead." } }, { status: 409 });
