import { fail, type Result } from "../../core/result.ts";

/**
 * Does what brings a file in; what the data file itself refuses to hold (two values of one measure, a cycle that cannot
 * be) is a fault of the file. Run it in a transaction, which is rolled back.
 *
 * @returns `file-not-keepable` where the data file refused a part.
 */
export async function refuseUnkeepable<T>(bringIn: () => Promise<Result<T>>): Promise<Result<T>> {
  try {
    return await bringIn();
  } catch (cause) {
    if (!String((cause as { code?: unknown }).code).startsWith("SQLITE_CONSTRAINT")) throw cause;
    return fail(
      "file-not-keepable",
      "Expected a file whose parts can be kept together, but one of them stands in the place of another, or is out of its range.",
    );
  }
}
