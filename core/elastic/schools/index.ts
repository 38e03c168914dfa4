import { chart } from "./chart.ts";
import { feel } from "./feel.ts";
import { ratio } from "./ratio.ts";
import type { ElasticSchool } from "./school.ts";
import { tension } from "./tension.ts";

export type { ElasticChoice, ElasticMade, ElasticSchool, ElasticSchoolId } from "./school.ts";

/** Every school, side by side; adding one is adding a file and a line here. */
export const ELASTIC_SCHOOLS = [feel, ratio, tension, chart] as const satisfies readonly ElasticSchool[];

/** A school by its name; null where there is none. */
export const elasticSchoolOf = (id: string): ElasticSchool | null =>
  ELASTIC_SCHOOLS.find((one) => one.id === id) ?? null;
