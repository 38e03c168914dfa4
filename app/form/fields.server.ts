import { MaxFileSizeExceededError, MaxTotalSizeExceededError, parseFormData } from "@remix-run/form-data-parser";
import { data } from "react-router";
import { mostBytes } from "../.server/http/limitBody.ts";
import { type Fields, textsOf } from "./unsaved.ts";

const FORM_TYPES = /^(?:application\/x-www-form-urlencoded|multipart\/form-data)\b/i;

/** Most parts of one form, and most files: no page of ours sends more. */
const MOST_PARTS = 400;
const MOST_FILES = 2;

/**
 * Reads a posted form as it comes in, part by part, within the limits of its route; what is no form, breaks off or is
 * too large is refused as such and not as a fault of the server.
 */
export async function readForm(request: Request): Promise<FormData> {
  if (!FORM_TYPES.test(request.headers.get("Content-Type") ?? "")) {
    throw data({ message: "Expected a form, but something else was sent." }, { status: 415 });
  }
  const most = mostBytes(new URL(request.url).pathname);
  const limits = { maxFiles: MOST_FILES, maxParts: MOST_PARTS, maxFileSize: most, maxTotalSize: most };
  try {
    return await parseFormData(request, limits);
  } catch (cause) {
    if (cause instanceof MaxFileSizeExceededError || cause instanceof MaxTotalSizeExceededError)
      throw data({ message: `Expected at most ${(most / 1e6).toFixed(0)} MB, but more came.` }, { status: 413 });
    throw data({ message: "Expected a whole form, but it breaks off or cannot be read." }, { status: 400 });
  }
}

/** Reads the text fields of a post; the last of equal names counts. */
export const readFields = async (request: Request): Promise<Fields> => textsOf(await readForm(request));
