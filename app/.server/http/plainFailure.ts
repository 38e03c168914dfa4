import { DataFileError } from "../../../data/db/index.ts";

/** A failure that is foreseen, told as it is to whoever is at the bench. */
export interface PlainFailure {
  readonly status: number;
  readonly message: string;
}

const DISK_FULL: PlainFailure = {
  status: 507,
  message:
    "The disk is full, so this was not saved; everything saved before is safe. Make room on the disk Stenz keeps its data on, then try again.",
};
const READ_ONLY: PlainFailure = {
  status: 507,
  message:
    "The data file cannot be written, so this was not saved. Check that its folder and file belong to you and may be changed.",
};
const DISK_FAILS: PlainFailure = {
  status: 507,
  message:
    "The disk could not be read or written, so this may not be saved. Copy the data folder somewhere safe before anything else.",
};
const DAMAGED: PlainFailure = {
  status: 500,
  message: "Part of the data file is damaged. Stop Stenz, and put a backup in its place; “npm run check” says more.",
};

const BY_CODE: readonly (readonly [RegExp, PlainFailure])[] = [
  [/^(?:SQLITE_FULL|ENOSPC|EDQUOT)$/, DISK_FULL],
  [/^(?:SQLITE_READONLY.*|SQLITE_CANTOPEN.*|EROFS|EACCES)$/, READ_ONLY],
  [/^(?:SQLITE_IOERR.*|EIO)$/, DISK_FAILS],
  [/^(?:SQLITE_CORRUPT.*|SQLITE_NOTADB)$/, DAMAGED],
];

/** What to tell of a failure: a full disk, a file that is gone, a damaged page. Null where nobody foresaw it. */
export function plainFailure(error: unknown): PlainFailure | null {
  if (error instanceof DataFileError) return { status: 507, message: error.message };
  const code = String((error as { code?: unknown } | null)?.code ?? "");
  return BY_CODE.find(([pattern]) => pattern.test(code))?.[1] ?? null;
}
