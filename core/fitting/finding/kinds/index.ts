import type { SpotId } from "../spot.ts";
import { closure } from "./closure.ts";
import { comfort } from "./comfort.ts";
import { cupEmpty } from "./cupEmpty.ts";
import { cupSpill } from "./cupSpill.ts";
import { digs } from "./digs.ts";
import { drag } from "./drag.ts";
import { edgeWave } from "./edgeWave.ts";
import type { FindingKind, FindingKindId } from "./findingKind.ts";
import { gape } from "./gape.ts";
import { gapShape } from "./gapShape.ts";
import { loose } from "./loose.ts";
import { pool } from "./pool.ts";
import { rides } from "./rides.ts";
import { seamPopped } from "./seamPopped.ts";
import { sheer } from "./sheer.ts";
import { shiftedApex } from "./shiftedApex.ts";
import { shiftedLine } from "./shiftedLine.ts";
import { short } from "./short.ts";
import { swing } from "./swing.ts";
import { tight } from "./tight.ts";
import { uneven } from "./uneven.ts";
import { wireOff } from "./wireOff.ts";

/** Kinds of finding that can be put on the figure, in the order they are offered: the most common first. */
export const FINDING_KINDS: readonly FindingKind[] = [
  loose,
  tight,
  gape,
  pool,
  short,
  rides,
  digs,
  drag,
  cupSpill,
  cupEmpty,
  shiftedApex,
  shiftedLine,
  swing,
  wireOff,
  closure,
  gapShape,
  sheer,
  edgeWave,
  seamPopped,
  uneven,
  comfort,
];

const BY_ID = new Map<string, FindingKind>(FINDING_KINDS.map((kind) => [kind.id, kind]));

/** Looks a kind up by its id. */
export const findingKindOf = (id: FindingKindId): FindingKind => BY_ID.get(id) as FindingKind;

/** True for a text that names a kind of finding. */
export const isFindingKindId = (text: string): text is FindingKindId => BY_ID.has(text);

/** What can be seen at a spot, in the order it is offered. */
export const kindsAt = (spot: SpotId): FindingKind[] => FINDING_KINDS.filter(({ spots }) => spots.includes(spot));
