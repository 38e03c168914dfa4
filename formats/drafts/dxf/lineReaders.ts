import type { IEntity, IPoint } from "dxf-parser";

/** A number or a word of a file, with what says what it is. */
interface Group {
  readonly code: number;
  readonly value: number | string | boolean;
}

/** What goes through the groups of a file. */
interface Scanner {
  next(): Group;
  isEOF(): boolean;
}

/** Codes: what begins an entity, its layer, its name among all, and the two places a point has. */
const [BEGINS, LAYER, HANDLE, X, Y] = [0, 8, 5, 10, 20];

/** What an entity says of itself up to the next one, with its points in their order. @returns what the next one begins with. */
function readGroups(scanner: Scanner, into: IEntity & { vertices: IPoint[] }): Group {
  let group = scanner.next();
  while (group.code !== BEGINS && !scanner.isEOF()) {
    const last = into.vertices.at(-1);
    if (group.code === LAYER) into.layer = String(group.value);
    else if (group.code === HANDLE) into.handle = group.value as IEntity["handle"];
    else if (group.code === X) into.vertices.push({ x: Number(group.value), y: Number.NaN, z: 0 });
    else if (group.code === Y && last) last.y = Number(group.value);
    group = scanner.next();
  }
  return group;
}

const begun = (type: string) => ({ type, vertices: [] }) as unknown as IEntity & { vertices: IPoint[] };

/** A line of as many places as it has, whatever number it says: the package's own makes as many as are said. */
export class PlacesReader {
  readonly ForEntityName = "LWPOLYLINE";
  parseEntity(scanner: Scanner): IEntity {
    const line = begun(this.ForEntityName);
    readGroups(scanner, line);
    return line;
  }
}

/** A line whose places are entities after it: those that follow, whether its end is there or not. The package's own waits for it for good. */
export class VerticesReader {
  readonly ForEntityName = "POLYLINE";
  parseEntity(scanner: Scanner): IEntity {
    const line = begun(this.ForEntityName);
    let next = readGroups(scanner, line);
    // The line itself says a height where its places say where they lie.
    line.vertices.length = 0;
    while (next.value === "VERTEX" && !scanner.isEOF()) {
      const place = begun("VERTEX");
      next = readGroups(scanner, place);
      line.vertices.push(...place.vertices.slice(0, 1));
    }
    if (next.value === "SEQEND" && !scanner.isEOF()) readGroups(scanner, begun("SEQEND"));
    return line;
  }
}
