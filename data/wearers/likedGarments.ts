import type { Knex } from "knex";
import type { LikedGarment } from "../../core/ease/index.ts";
import { readLikedLengths, readLikedWidths } from "../../formats/kept/columns.ts";
import { readColumn } from "../db/index.ts";
import { type WearerRecords, wearerRecords } from "./wearerRecords.ts";

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
export type LikedGarmentRepository = WearerRecords<LikedGarment>;

/** Garments that fit over a connection or a transaction. */
export const likedGarmentRepository = (db: Knex): LikedGarmentRepository =>
  wearerRecords<LikedGarment, LikedRow>(db, { table: "liked_garments", dayColumn: "measured_on", fromRow, toColumns });

const fromRow = ({ wearer_id, measured_on, cloth_id, widths, lengths, ...row }: LikedRow): LikedGarment => ({
  ...row,
  wearerId: wearer_id,
  measuredOn: measured_on,
  clothId: cloth_id,
  widthsMm: readColumn(readLikedWidths, widths),
  lengthsMm: readColumn(readLikedLengths, lengths),
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
