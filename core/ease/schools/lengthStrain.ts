import { fail, ok, type Result } from "../../result.ts";
import type { SchoolLengthInput } from "./school.ts";

/** A share of the usable stretch along the body, by the family. Problem: `no-test-along`. */
export const shareAlong = ({ family, usableAlong, settings }: SchoolLengthInput): Result<number> =>
  usableAlong === null ? notTestedAlong() : ok(settings.lengthShares[family] * usableAlong);

/** The direction along the body was not tested. */
export const notTestedAlong = (): ReturnType<typeof fail> =>
  fail("no-test-along", "Expected a swatch test along the body, but that direction was not tested.");
