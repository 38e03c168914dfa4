import type { Knex } from "knex";
import {
  type OwnStyle,
  ownStyleNumber,
  type Style,
  type StyleId,
  shippedStyle,
  styleFromOwn,
} from "../../core/ease/index.ts";
import { keptOwnStyle } from "../../formats/kept/keptStyle.ts";
import { insertRow, parse, type SaveOutcome, updateVersion, wholeOf } from "../db/index.ts";

interface OwnStyleRow {
  id: number;
  name: string;
  based_on: OwnStyle["basedOn"];
  zones: string;
  drops: string;
  limits: string;
  parts: string;
  format: number;
  version: number;
}

/** Styles: those that ship, and the workshop's own copies. */
export interface StyleRepository {
  /** Own copies, by name. */
  own(): Promise<OwnStyle[]>;
  findOwn(id: number): Promise<OwnStyle | null>;
  add(style: Omit<OwnStyle, "id" | "version">): Promise<number>;
  save(style: OwnStyle): Promise<SaveOutcome<OwnStyle>>;
  /** The style of a job, shipped or own; null for an id that names none. */
  find(id: StyleId): Promise<Style | null>;
}

/** Styles over a connection or a transaction. */
export function styleRepository(db: Knex): StyleRepository {
  const findOwn = async (id: number) => {
    const row: OwnStyleRow | undefined = await db("own_styles").where({ id }).first();
    return row ? fromRow(row) : null;
  };
  return {
    own: async () => ((await db("own_styles").orderByRaw("name collate nocase, id")) as OwnStyleRow[]).map(fromRow),
    findOwn,
    add: (style) => insertRow(db, "own_styles", toColumns(style)),
    async save(style) {
      const saved = await updateVersion(db, "own_styles", style, toColumns(style));
      return saved
        ? { saved: true, value: { ...style, version: style.version + 1 } }
        : { saved: false, theirs: await findOwn(style.id) };
    },
    async find(id) {
      const shipped = shippedStyle(id);
      if (shipped) return shipped;
      const number = ownStyleNumber(id);
      const own = number === null ? null : await findOwn(number);
      return own ? styleFromOwn(own) : null;
    },
  };
}

function fromRow({ based_on, zones, drops, limits, parts, format, ...row }: OwnStyleRow): OwnStyle {
  const kept = { zones: parse(zones), drops: parse(drops), limits: parse(limits), parts: parse(parts) };
  return { ...row, basedOn: based_on, ...wholeOf(keptOwnStyle.read(kept, format)) };
}

const toColumns = (style: Omit<OwnStyle, "id" | "version">) => ({
  name: style.name,
  based_on: style.basedOn,
  zones: JSON.stringify(style.zones),
  drops: JSON.stringify(style.drops),
  limits: JSON.stringify(style.limits),
  parts: JSON.stringify(style.parts),
  format: keptOwnStyle.format,
});
