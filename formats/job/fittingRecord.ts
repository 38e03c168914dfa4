import { ZONE_NAMES } from "../../core/ease/index.ts";
import {
  changeStatus,
  checkOf,
  type Finding,
  type Fitting,
  findingKindOf,
  type Prototype,
  type Reading,
  spotOf,
} from "../../core/fitting/index.ts";

/** The fitting record of a job: its prototypes with their fittings, in order. */
export interface FittingRecord {
  readonly jobName: string;
  readonly wearerName: string;
  readonly workshop: string;
  readonly prototypes: readonly Prototype[];
  readonly fittings: readonly Fitting[];
}

/** A finding as one line of a record: everything about it, amounts in mm, what is not there left empty. */
export interface RecordLine {
  readonly prototype: number;
  readonly fittedOn: string;
  readonly what: "finding" | "reading" | "check";
  readonly seen: string;
  readonly where: string;
  readonly side: string;
  readonly readMm: number | null;
  readonly readN: number | null;
  readonly detail: string;
  readonly decision: string;
  readonly share: number | null;
  readonly changeMm: number | null;
  readonly done: string;
  readonly cutInto: number | null;
  readonly verdict: string;
  readonly leftMm: number | null;
  readonly note: string;
}

const BLANK = {
  side: "",
  readMm: null,
  readN: null,
  detail: "",
  decision: "",
  share: null,
  changeMm: null,
  done: "",
  cutInto: null,
  verdict: "",
  leftMm: null,
} as const;

/** Every line of a record, fitting by fitting: what was checked, found and read. */
export function recordLines({ prototypes, fittings }: Pick<FittingRecord, "prototypes" | "fittings">): RecordLine[] {
  return fittings.flatMap((fitting) => {
    const prototype = prototypes.find(({ id }) => id === fitting.prototypeId)?.number ?? 0;
    const head = { prototype, fittedOn: fitting.fittedOn };
    return [
      ...fitting.checks.map(({ check, outcome, note }) => ({
        ...BLANK,
        ...head,
        what: "check" as const,
        seen: checkOf(check).name,
        where: "",
        verdict: outcome === "notTried" ? "not tried" : outcome,
        note,
      })),
      ...fitting.findings.map((finding) => ({ ...BLANK, ...head, ...findingLine(finding) })),
      ...fitting.readings.map((reading) => ({ ...BLANK, ...head, ...readingLine(reading) })),
    ];
  });
}

function findingLine(finding: Finding): Omit<RecordLine, "prototype" | "fittedOn" | "readN"> {
  const { kind, spot, side, amountMm, detail, note, change, judgement } = finding;
  return {
    what: "finding",
    seen: findingKindOf(kind).name,
    where: spotOf(spot).name,
    side,
    readMm: amountMm,
    detail: Object.entries(detail)
      .map(([field, value]) => `${field}: ${value}`)
      .join("; "),
    decision: change ? change.decision : changeStatus(finding),
    share: change?.share ?? null,
    changeMm: change?.amountMm ?? null,
    done: change && change.decision !== "refused" ? change.line : (change?.reason ?? ""),
    cutInto: change?.cutInto ?? null,
    verdict: judgement?.verdict ?? "",
    leftMm: judgement?.residualMm ?? null,
    note,
  };
}

const readingLine = ({ kind, zone, side, newtons, liftMm, heightMm, elasticsN, note }: Reading) => ({
  what: "reading" as const,
  seen: kind === "closure" ? "Closure pull" : "Lift",
  where: ZONE_NAMES[zone],
  side,
  readMm: liftMm,
  readN: newtons,
  detail: [heightMm === null ? "" : `height mm: ${heightMm}`, elasticsN === null ? "" : `elastics N: ${elasticsN}`]
    .filter((words) => words !== "")
    .join("; "),
  note,
});
