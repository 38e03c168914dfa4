/** Something is wrong with the data file as a whole; the message is a plain sentence for whoever runs Stenz. */
export abstract class DataFileError extends Error {
  abstract readonly code: string;
}

/** The data file was made by a newer version of Stenz than this one. */
export class NewerDataFileError extends DataFileError {
  override readonly name = "NewerDataFileError";
  readonly code = "newer-data-file";
  constructor(options?: ErrorOptions) {
    super("The data file was made by a newer version of Stenz; update Stenz to open it.", options);
  }
}

/** Another program holds the data file. */
export class DataFileInUseError extends DataFileError {
  override readonly name = "DataFileInUseError";
  readonly code = "data-file-in-use";
  constructor(options?: ErrorOptions) {
    super(
      "The data file is in use by another program, most likely a Stenz that is already running. Use that one, stop it first, or start with another --data folder.",
      options,
    );
  }
}

/** The data file cannot be read whole. */
export class DamagedDataFileError extends DataFileError {
  override readonly name = "DamagedDataFileError";
  readonly code = "data-file-damaged";
  constructor(options?: ErrorOptions) {
    super(
      "The data file is damaged or is no data file of Stenz. Nothing was changed in it. Put a backup in its place; “npm run check” says what is wrong.",
      options,
    );
  }
}

/** No backup could be taken before an older data file was to be brought up to date. */
export class NoBackupError extends DataFileError {
  override readonly name = "NoBackupError";
  readonly code = "no-backup";
  constructor(why: string, options?: ErrorOptions) {
    super(
      `The data file is of an older version and was left as it is, since it could not be backed up first. ${why}`,
      options,
    );
  }
}

/** The data file was deleted or replaced while it was open. */
export class DataFileMissingError extends DataFileError {
  override readonly name = "DataFileMissingError";
  readonly code = "data-file-missing";
  constructor(options?: ErrorOptions) {
    super(
      "The data file was moved, deleted or replaced while Stenz was running, so this was not saved. Put it back, or restart Stenz to open the file that is there now.",
      options,
    );
  }
}

/** The data file or its folder cannot be written. */
export class UnwritableDataFileError extends DataFileError {
  override readonly name = "UnwritableDataFileError";
  readonly code = "data-file-unwritable";
  constructor(options?: ErrorOptions) {
    super(
      "The data file cannot be written: it lies on a disk that is read-only, or belongs to another account. Nothing was changed in it. Make file and folder writable, or start with another --data folder.",
      options,
    );
  }
}

/** There is no room for the data file to be opened. */
export class FullDiskError extends DataFileError {
  override readonly name = "FullDiskError";
  readonly code = "disk-full";
  constructor(options?: ErrorOptions) {
    super(
      "The disk of the data file is full; everything saved is safe. Make room on it, then start Stenz again.",
      options,
    );
  }
}
