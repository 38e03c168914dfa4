import { useEffect, useRef, useState } from "react";
import { isPiecesId, recipeOfPieces } from "../../../core/pieces/index.ts";
import {
  type Reckonings,
  reckonWorking,
  type WorkingFacts,
  type WorkingId,
  type Workings,
} from "../../../core/workings/index.ts";
import type { AskedReckoning } from "./reckon.worker.ts";

/** What a calculation comes to, and whether that is still of what was typed before. */
interface Reckoned<Id extends WorkingId> {
  readonly reckoning: Reckonings[Id];
  readonly waiting: boolean;
}

/** True for a calculation that takes longer than a frame: it is worked out beside the page. */
export const isCostly = (id: WorkingId): boolean => isPiecesId(id) && recipeOfPieces(id).costly === true;

/**
 * What a calculation comes to as it is typed: at once; or, where it takes longer than a frame, from a worker, the last answer standing
 * until the next is there. Only the last question is answered: what was typed over in between is not worked out.
 *
 * @param first what it comes to as it is kept, where the server worked it out.
 */
export function useReckoning<Id extends WorkingId>(
  id: Id,
  working: Workings[Id],
  facts: WorkingFacts[Id],
  first: { readonly working: Workings[Id]; readonly reckoning: Reckonings[Id] | undefined },
): Reckoned<Id> {
  const costly = isCostly(id) && first.reckoning !== undefined;
  const key = costly ? JSON.stringify(working) : "";
  const [answer, setAnswer] = useState(() => ({ key: JSON.stringify(first.working), reckoning: first.reckoning }));
  const asking = useRef<{ readonly worker: Worker; busy: boolean; next: AskedReckoning | null } | null>(null);
  useEffect(() => () => asking.current?.worker.terminate(), []);
  useEffect(() => {
    if (!costly || key === answer.key) return;
    asking.current ??= begun();
    const own = asking.current;
    own.worker.onmessage = ({ data }: MessageEvent<{ key: string; reckoning: Reckonings[Id] }>) => {
      own.busy = false;
      setAnswer(data);
      if (own.next && own.next.key !== data.key) ask(own, own.next);
      own.next = null;
    };
    const question = { id, key, working, facts };
    if (own.busy) own.next = question;
    else ask(own, question);
  }, [costly, key, answer.key, id, working, facts]);
  if (!costly || answer.reckoning === undefined)
    return { reckoning: reckonWorking(id, working, facts), waiting: false };
  return { reckoning: answer.reckoning, waiting: key !== answer.key };
}

const begun = () => ({
  worker: new Worker(new URL("./reckon.worker.ts", import.meta.url), { type: "module" }),
  busy: false,
  next: null as AskedReckoning | null,
});

function ask(own: { readonly worker: Worker; busy: boolean }, question: AskedReckoning): void {
  own.busy = true;
  own.worker.postMessage(question);
}
