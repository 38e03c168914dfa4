import { chmodSync, existsSync, mkdirSync, renameSync, statSync } from "node:fs";
import { dirname, join, parse } from "node:path";
import type { Request, RequestHandler, Response } from "express";
import { destination, type Logger, pino } from "pino";

/** The log begins anew at this size, and one before it is kept, bytes. */
const MOST_BYTES = 5_000_000;

/** Lines between two looks at how large it is. */
const LOOKED_EVERY = 500;

/** The log of a data file: beside it, under its name. */
export const logFileOf = (dataFile: string): string => join(dirname(dataFile), "logs", `${parse(dataFile).name}.log`);

/** Words of an address that are secrets: whoever reads the log is not to open what they open. */
const SECRETS = /^\/(measure|days\/calendar)\/[^/.]+/;

/** What of an address is written down: the way, without what was searched, and without secrets. */
export const loggedPath = (path: string): string => path.replace(SECRETS, "/$1/…").slice(0, 200);

/** A log of requests: a line each of how it went, with nothing of what was sent or shown. */
export interface RequestLog {
  readonly middleware: RequestHandler;
  close(): void;
}

/** Opens the log of a data file; its owner alone reads it. */
export function requestLog(file: string): RequestLog {
  let [lines, out] = [0, opened(file)];
  let logger = loggerOn(out);
  const write = (line: object) => {
    logger.info(line);
    lines += 1;
    if (lines % LOOKED_EVERY !== 0) return;
    out.flushSync();
    if ((statSync(file, { throwIfNoEntry: false })?.size ?? 0) < MOST_BYTES) return;
    out.end();
    renameSync(file, `${file}.1`);
    out = opened(file);
    logger = loggerOn(out);
  };
  return {
    middleware: (request: Request, response: Response, next) => {
      const from = performance.now();
      response.once("finish", () => {
        const { method, path } = request;
        write({
          method,
          path: loggedPath(path),
          status: response.statusCode,
          ms: Math.round(performance.now() - from),
        });
      });
      next();
    },
    close: () => out.end(),
  };
}

type Out = ReturnType<typeof destination>;

function opened(file: string): Out {
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  const out = destination({ dest: file, sync: true, mode: 0o600 });
  if (existsSync(file)) chmodSync(file, 0o600);
  return out;
}

/** Neither the process nor the machine is named on every line. */
const loggerOn = (out: Out): Logger =>
  pino(
    { base: null, formatters: { level: (label) => ({ level: label }) }, timestamp: pino.stdTimeFunctions.isoTime },
    out,
  );
