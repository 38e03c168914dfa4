import { fail, ok, type Result } from "../../core/result.ts";
import type { JobDocument } from "../../formats/job/jobDocument.ts";
import type { Repositories } from "../store.ts";
import { exportJob } from "./jobExport.ts";

/**
 * Holds a job that was just taken over against its file: written out again it must be the same, or the file says
 * something that this Stenz would lose, read otherwise or carry along unread.
 *
 * @returns `job-not-whole` with the first place that differs.
 */
export async function assertImported(all: Repositories, jobId: number, document: JobDocument): Promise<Result<null>> {
  const again = await exportJob(all, jobId);
  const at = firstDifference(bare(document), bare(again));
  return at === null
    ? ok(null)
    : fail("job-not-whole", `Expected a file this Stenz reads whole, but it would not keep what stands at ${at}.`);
}

/** What a copy, or a wearer or cloth that is used in place of the file's, may say otherwise: who it is, not what. */
const OWN: readonly string[] = ["identity", "wearer", "cloths", "id", "clothId", "testId"];

function bare(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(bare);
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([key, inner]) => !OWN.includes(key) && inner !== undefined)
      .map(([key, inner]) => [key, bare(inner)]),
  );
}

function firstDifference(a: unknown, b: unknown, at = ""): string | null {
  if (typeof a !== "object" || a === null || typeof b !== "object" || b === null) {
    return Object.is(a, b) ? null : at || "its top";
  }
  const [left, right] = [a as Record<string, unknown>, b as Record<string, unknown>];
  for (const key of new Set([...Object.keys(left), ...Object.keys(right)])) {
    const inner = firstDifference(left[key], right[key], `${at}/${key}`);
    if (inner !== null) return inner;
  }
  return null;
}
