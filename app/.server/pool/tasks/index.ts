import { lookIntoBackup } from "./lookIntoBackup.ts";
import { makeBackupReady } from "./makeBackupReady.ts";
import { readCurve } from "./readCurve.ts";
import { readDrawn } from "./readDrawn.ts";
import { readElasticChart } from "./readElasticChart.ts";
import { readEverything } from "./readEverything.ts";
import { readJob } from "./readJob.ts";
import { readPhoto } from "./readPhoto.ts";
import { readSheets } from "./readSheets.ts";
import { readWearer } from "./readWearer.ts";

/** Everything that is done in the pool, by its name: each takes what can be sent to a thread, and answers a result. */
export const TASKS = { readCurve, readDrawn, readElasticChart, readJob, readPhoto, readSheets, readWearer };

/** What is done in the pool. */
export type Tasks = typeof TASKS;

/** Work with data files from elsewhere: a thread cannot be ended while it waits for SQLite, a process can. */
export const TASKS_APART = { lookIntoBackup, makeBackupReady, readEverything };

/** What is done in a process of its own. */
export type TasksApart = typeof TASKS_APART;
