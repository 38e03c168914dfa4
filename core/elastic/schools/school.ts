import type { Result } from "../../result.ts";
import type { ElasticAt, ElasticTested } from "../elasticEdge.ts";

/** What a maker decides for a school; null for what was not said. */
export interface ElasticChoice {
  /** ρ, the part of the edge it is made; the usual one of its place where null. */
  readonly ratio: number | null;
  /** p, kPa. */
  readonly pressureKpa: number | null;
  /** What the pattern's chart says, mm, as made up. */
  readonly chartMm: number | null;
}

/** What a school makes of an elastic. */
export interface ElasticMade {
  /** As made up, without its join, mm. */
  readonly madeMm: number;
  /** What it cannot tell, in sentences. */
  readonly notes: readonly string[];
}

/** Names of the schools. */
export type ElasticSchoolId = "feel" | "ratio" | "tension" | "chart";

/** A school of cutting elastic. */
export interface ElasticSchool {
  readonly id: ElasticSchoolId;
  readonly name: string;
  readonly formula: string;
  /** @returns how long it is made; a problem that says what it lacks; or `unreachable` where the elastic cannot do what is asked. */
  readonly makes: (edge: ElasticAt, tested: ElasticTested, choice: ElasticChoice) => Result<ElasticMade>;
}
