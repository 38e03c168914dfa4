import { type BandReckoning, reckonBand } from "../band/band/reckonBand.ts";
import { reckonClosure } from "../band/hooks/reckonClosure.ts";
import { reckonStrap } from "../band/strap/reckonStrap.ts";
import { reckonWire, type WireReckoning } from "../band/wire/reckonWire.ts";
import type { Reckoning } from "../calculation/reckoning.ts";
import { type CupReckoning, reckonCup } from "../cups/cup/reckonCup.ts";
import { type DartReckoning, reckonDart } from "../cups/dart/reckonDart.ts";
import { type LabelReckoning, reckonLabel } from "../cups/label/reckonLabel.ts";
import { type BustRoomReckoning, reckonBustRoom } from "../cups/room/reckonBustRoom.ts";
import { reckonRise } from "../torso/rise/rise.ts";
import { reckonTrunk, type TrunkReckoning } from "../torso/trunk/trunk.ts";
import type { WorkingId, Workings } from "../workings/workings.ts";
import type { WorkingFacts } from "./workingFacts.ts";

/** What each calculation comes to. */
export interface Reckonings {
  readonly trunk: TrunkReckoning;
  readonly rise: Reckoning;
  readonly bustRoom: BustRoomReckoning;
  readonly dart: DartReckoning;
  readonly cup: CupReckoning;
  readonly label: LabelReckoning;
  readonly band: BandReckoning;
  readonly strap: Reckoning;
  readonly closure: Reckoning;
  readonly wire: WireReckoning;
}

type Reckoner = {
  readonly [Id in WorkingId]: (working: Workings[Id], facts: WorkingFacts[Id]) => Reckonings[Id];
};

const RECKONERS: Reckoner = {
  trunk: reckonTrunk,
  rise: reckonRise,
  bustRoom: reckonBustRoom,
  dart: reckonDart,
  cup: reckonCup,
  label: reckonLabel,
  band: reckonBand,
  strap: reckonStrap,
  closure: reckonClosure,
  wire: reckonWire,
};

/** Does one calculation of a job: on the server from what is kept, in the browser from what is being typed. */
export const reckonWorking = <Id extends WorkingId>(
  id: Id,
  working: Workings[Id],
  facts: WorkingFacts[Id],
): Reckonings[Id] => RECKONERS[id](working, facts);
