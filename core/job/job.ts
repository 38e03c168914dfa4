import type { Direction } from "../cloth/direction.ts";
import type { SchoolId } from "../ease/schools/school.ts";
import type { StyleId } from "../ease/styles/style.ts";

/** One garment being made for one wearer. */
export interface Job {
  readonly id: number;
  readonly name: string;
  readonly styleId: StyleId;
  readonly wearerId: number;
  /** The sheet the plan is made from. */
  readonly sheetId: number | null;
  readonly clothId: number | null;
  /** Direction of the cloth that is laid round the body. */
  readonly girthDirection: Direction;
  /** The school the maker chose; null until she has. */
  readonly school: SchoolId | null;
  readonly version: number;
}
