import type { JobDocument } from "../../../../formats/job/jobDocument.ts";
import { readJobDocument } from "../../../../formats/job/jobDocument.ts";
import { readJson } from "../../../../formats/json.ts";
import { keepPictures } from "../../transfer/keepPictures.ts";
import { type Task, textOf } from "../task.ts";

/** A file of a job, its pictures looked at. */
export const readJob: Task<{ readonly bytes: Uint8Array }, JobDocument> = async ({ bytes }, progress) => {
  const json = readJson(textOf(bytes));
  if (!json.ok) return json;
  const document = readJobDocument(json.value);
  return document.ok ? keepPictures(document.value, progress) : document;
};
