import { computeAll } from "../formats/compute.ts";
import { readJson } from "../formats/json.ts";
import { type Command, readText, stop } from "./commandLine.ts";

/** Computes every case of a file, in its order. */
export const computeCommand: Command = ([file, ...rest]) => {
  if (!file || rest.length > 0) stop("Expected one file name, or - for standard input.");
  const document = readJson(readText(file));
  if (!document.ok) stop(`Expected ${file === "-" ? "standard input" : file} to be JSON. ${document.problem.message}`);
  const answers = computeAll(document.value);
  return { said: answers, status: answers.some((answer) => "error" in answer) ? 1 : 0 };
};
