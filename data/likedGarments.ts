import type { Knex } from "knex";
import type { LikedGarment } from "../core/ease/liked/likedGarment.ts";
import { insertRow, type SaveOutcome, updateVersion } from "./saving.ts";

interface LikedRow {
  id: number;
  wearer_id: number;
  name: string;
  measured_on: string;
  cloth_id: number | null;
  direction: LikedGarment["direction"];
  usable: number | null;
  widths: string;
  lengths: string;
  notes: string;
  version: number;
}

/** Garments that fit, by wearer. */
export interface LikedGarmentRepository {
  /** Newest first. */
  ofWearer(wearerId: number): Promise<LikedGarment[]>;
  find(id: number): Promise<LikedGarment | null>;
  add(garment: Omit<LikedGarment, "id" | "version">): Promise<number>;
  save(garment: LikedGarment): Promise<SaveOutcome<LikedGarment>>;
  remove(id: number): Promise<void>;
}

/** Garments that fit over a connection or a transaction. */
export function likedGarmentRepository(db: Knex): LikedGarmentRepository {
  const where = async (condition: Record<string, unknown>): Promise<LikedGarment[]> => {
    const rows: LikedRow[] = await db("liked_garments")
      .where(condition)
      .orderBy([
        { column: "measured_on", order: "desc" },
        { column: "id", order: "desc" },
      ]);
    return rows.map(fromRow);
  };
  const find = async (id: number) => (await where({ id }))[0] ?? null;
  return {
    ofWearer: (wearerId) => where({ wearer_id: wearerId }),
    find,
    add: (garment) => insertRow(db, "liked_garments", toColumns(garment)),
    async save(garment) {
      const saved = await updateVersion(db, "liked_garments", garment, toColumns(garment));
      return saved
        ? { saved: true, value: { ...garment, version: garment.version + 1 } }
        : { saved: false, theirs: await find(garment.id) };
    },
    async remove(id) {
      await db("liked_garments").where({ id }).delete();
    },
  };
}

const fromRow = ({ wearer_id, measured_on, cloth_id, widths, lengths, ...row }: LikedRow): LikedGarment => ({
  ...row,
  wearerId: wearer_id,
  measuredOn: measured_on,
  clothId: cloth_id,
  widthsMm: JSON.parse(widths),
  lengthsMm: JSON.parse(lengths),
});

const toColumns = (garment: Omit<LikedGarment, "id" | "version">) => ({
  wearer_id: garment.wearerId,
  name: garment.name,
  measured_on: garment.measuredOn,
  cloth_id: garment.clothId,
  direction: garment.direction,
  usable: garment.usable,
  widths: JSON.stringify(garment.widthsMm),
  lengths: JSON.stringify(garment.lengthsMm),
  notes: garment.notes,
});
