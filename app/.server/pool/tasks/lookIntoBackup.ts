import { type Holding, lookInto } from "../../../../data/backup/index.ts";
import type { Task } from "../task.ts";

/** What a backup holds that is not sealed. */
export const lookIntoBackup: Task<{ readonly file: string }, Holding> = ({ file }) => lookInto(file);
