import type { NextFunction, Request, RequestHandler, Response } from "express";
import { LARGEST_JOB_FILE } from "../../../formats/job/largestJobFile.ts";

/** Largest body of a post, bytes; forms are far smaller. */
export const LARGEST_FORM = 2_000_000;

/** What a multipart form adds to its file. */
const FORM_AROUND = 100_000;

/** Routes that take more than a form, by the path they end with. */
const LARGER: readonly { readonly path: RegExp; readonly most: number }[] = [
  { path: /^\/jobs\/import(?:\.data)?$/, most: LARGEST_JOB_FILE + FORM_AROUND },
  { path: /^\/wearers\/import(?:\.data)?$/, most: LARGEST_JOB_FILE + FORM_AROUND },
  { path: /^\/jobs\/\d+\/pieces(?:\.data)?$/, most: 6_000_000 },
  { path: /^\/settings\/everything(?:\.data)?$/, most: 300_000_000 },
  { path: /^\/cloths\/\d+\/photo(?:\.data)?$/, most: 20_000_000 },
  { path: /^\/jobs\/\d+\/prototypes\/\d+\/(?:fitting|send)(?:\.data)?$/, most: 20_000_000 },
];

/** Most bytes a route takes. */
export const mostBytes = (path: string): number => LARGER.find((one) => one.path.test(path))?.most ?? LARGEST_FORM;

/** Bodies over {@link LARGEST_FORM} are held in memory while they are read: not more than this many at a time. */
const LARGE_AT_A_TIME = 2;

/**
 * Refuses bodies larger than their route takes. A length that is announced is refused at once; the bytes are counted as
 * they come all the same, since nobody has to announce them or tell the truth.
 */
export function limitBody(): RequestHandler {
  let large = 0;
  return (request: Request, response: Response, next: NextFunction) => {
    const most = mostBytes(request.path);
    const refuse = (status: number, reason: string) => {
      if (response.headersSent) return;
      response.status(status).set("Connection", "close").type("text/plain").send(reason);
      // What still comes is not read: the connection is closed once the answer is out.
      response.once("finish", () => request.socket.destroy());
    };
    const tooLarge = () => refuse(413, `Expected at most ${(most / 1e6).toFixed(0)} MB, but more came.`);
    if (Number(request.headers["content-length"] ?? 0) > most) return tooLarge();
    if (most > LARGEST_FORM && request.method === "POST") {
      if (large >= LARGE_AT_A_TIME) return refuse(503, "Other large files are being read. Try again in a moment.");
      large += 1;
      response.once("close", () => {
        large -= 1;
      });
    }
    countAsTheyCome(request, most, tooLarge);
    next();
  };
}

/** Counts a body where the parser hands it over, so that nothing of it has to be read first. */
function countAsTheyCome(request: Request, most: number, tooLarge: () => void): void {
  const push = request.push.bind(request);
  let bytes = 0;
  request.push = (chunk: unknown, encoding?: BufferEncoding) => {
    bytes += chunk instanceof Uint8Array ? chunk.length : 0;
    if (bytes <= most) return push(chunk, encoding);
    tooLarge();
    // Whoever reads it is told that it broke off.
    request.destroy();
    return false;
  };
}
