import { bodyValue } from "../body/index.ts";
import type { JobFacts } from "../calculation/index.ts";
import type { PieceFacts } from "./pieceFacts.ts";

/** A skirt has this room at the hip, as the lower edge of a boned garment has, mm. */
const ROOM_MM = 10;

/** A bodice that ends nearer to the hip than this ends at it, mm. */
const AT_HIP_MM = 5;

/** Where a bodice ends above the hip. mm */
export interface BodiceEnd {
  /** From its lower edge down to the hip at the side, on the body. */
  readonly aboveHipMm: number;
  /** What it closes to at its lower edge. */
  readonly closedMm: number;
  readonly hipBodyMm: number;
}

/** Where the bodice of a dress ends, where that is above the hip; null where it ends there, or is none. */
export function bodiceEnd({ closed, body }: Pick<JobFacts, "closed" | "body">): BodiceEnd | null {
  const last = closed?.levels.at(-1);
  const [toHip, hip] = (["waist_to_hip", "hip"] as const).map((code) => body && bodyValue(body.values, code)?.mm);
  if (!closed?.heights || !last || typeof toHip !== "number" || typeof hip !== "number") return null;
  const from = closed.levels.findIndex(({ level }) => level === "waist");
  if (from === -1) return null;
  const below = closed.levels.slice(from + 1).reduce((sum, { level }) => sum + (closed.heights?.[level]?.side ?? 0), 0);
  const aboveHipMm = toHip - below;
  return aboveHipMm < AT_HIP_MM ? null : { aboveHipMm, closedMm: last.closedMm, hipBodyMm: hip };
}

/** The facts of a skirt that hangs from a bodice: it begins where that ends, as wide as it, and is as wide at the hip as the body needs. */
export function joinedToBodice(facts: PieceFacts, job: JobFacts): PieceFacts {
  const end = bodiceEnd(job);
  const cut = facts.drawn.lengths.waist_to_hip;
  const toHip = job.body ? bodyValue(job.body.values, "waist_to_hip")?.mm : undefined;
  if (!end || typeof cut !== "number" || toHip === undefined) return facts;
  const hip = Math.max(end.hipBodyMm + ROOM_MM, end.closedMm);
  return {
    ...facts,
    usual: { ...facts.usual, above_hip: (end.aboveHipMm * cut) / toHip, top_girth: end.closedMm },
    drawn: { ...facts.drawn, girths: { ...facts.drawn.girths, hip } },
    notes: [
      ...facts.notes,
      `It begins where the bodice ends, ${end.aboveHipMm.toFixed(0)} mm above the hip, and has ${ROOM_MM} mm of room at the hip.`,
    ],
  };
}
