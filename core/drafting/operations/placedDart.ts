import { fail, ok, type Result } from "../../result.ts";
import { type Dart, dartFault, type Piece } from "../piece/index.ts";

/**
 * A piece with a dart beside the others it has.
 * @param others the darts it keeps.
 * @returns it; `dart-there` where one of them uses an edge of the new one; or `no-dart` where it has no place on the piece.
 */
export function withDartBeside(piece: Piece, others: readonly Dart[], dart: Dart): Result<Piece> {
  const edges = [dart.edge, dart.into];
  const there = others.find((one) => edges.includes(one.edge) || edges.includes(one.into));
  if (there)
    return fail(
      "dart-there",
      `Expected ${dart.edge} and ${dart.into} of ${piece.id} without a dart, but one goes from ${there.edge} into ${there.into} already: pivot or widen that one.`,
    );
  const fault = dartFault(piece, dart);
  return fault ? fail("no-dart", fault) : ok({ ...piece, darts: [...others, dart] });
}
