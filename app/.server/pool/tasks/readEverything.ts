import { fileOfEverything } from "../../../../data/everything/index.ts";
import type { Task } from "../task.ts";

/** A ZIP of everything of a workshop, and the data file beside which it is made a file of. */
interface Zip {
  readonly dataFile: string;
  readonly bytes: Uint8Array;
}

/** A data file made of it. */
export const readEverything: Task<Zip, string> = ({ dataFile, bytes }) =>
  fileOfEverything(dataFile, Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength));
