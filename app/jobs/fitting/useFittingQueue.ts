import type { FigureView } from "../../../core/figure/index.ts";
import {
  type CheckResult,
  checkOf,
  findingKindOf,
  isCheckId,
  isFindingKindId,
  isSpotId,
  spotOf,
} from "../../../core/fitting/index.ts";
import type { Pin } from "../../figure/Pins.tsx";
import { useSendQueue } from "../../form/queue/SendQueue.tsx";
import type { Sending } from "../../form/queue/sendingStore.ts";
import type { Fields, Unsaved } from "../../form/unsaved.ts";

/** The queue as one fitting sees it. */
export function useFittingQueue(address: string, fittingId: number) {
  const queue = useSendQueue();
  const sendings = queue.sendings.filter(
    (sending) => sending.address === address && sending.fields.fitting === String(fittingId),
  );
  return {
    sendings,
    /** Hands a form in; gives back what is wrong with it, or null where it is kept or waits for the network. */
    async send(fields: Fields, photo: Blob | null, told: string): Promise<Unsaved | null> {
      const sent = await queue.send({ address, fields, photo, told });
      return sent.state === "refused" ? { fields, errors: sent.errors } : null;
    },
    open: (sending: Sending) => queue.drop(sending),
  };
}

/** A finding that waits, in words: `Loose, waist`. */
export function toldOf({ kind = "", spot = "", amount = "" }: Fields): string {
  const seen = isFindingKindId(kind) ? findingKindOf(kind).name : "Finding";
  const there = isSpotId(spot) ? `, ${spotOf(spot).name.toLowerCase()}` : "";
  return `${seen}${there}${amount ? `, ${amount}` : ""}`;
}

/** A check that waits, by name. */
export const checkWords = ({ check = "" }: Fields): string => (isCheckId(check) ? checkOf(check).name : check);

/** The pin of a finding that waits. */
export function pendingPin({ fields, refused }: Sending): Pin[] {
  const { kind = "", view } = fields;
  if (refused !== null || !isFindingKindId(kind)) return [];
  return [{ label: "…", kind, view: (view ?? "front") as FigureView, x: Number(fields.x), y: Number(fields.y) }];
}

/** A check that waits. */
export function waitingCheck({ fields }: Sending): CheckResult[] {
  const { intent, check = "", outcome, note = "" } = fields;
  if (intent !== "check" || !isCheckId(check)) return [];
  return [{ check, outcome: outcome as CheckResult["outcome"], note }];
}
