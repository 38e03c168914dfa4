import { readCurve } from "./readCurve.ts";
import { readDrawn } from "./readDrawn.ts";
import { readElasticChart } from "./readElasticChart.ts";
import { readJob } from "./readJob.ts";
import { readPhoto } from "./readPhoto.ts";
import { readSheets } from "./readSheets.ts";
import { readWearer } from "./readWearer.ts";

/** Everything that is done in the pool, by its name: each takes what can be sent to a thread, and answers a result. */
export const TASKS = { readCurve, readDrawn, readElasticChart, readJob, readPhoto, readSheets, readWearer };

/** What is done in the pool. */
export type Tasks = typeof TASKS;
