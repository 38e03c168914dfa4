import { reckonWorking, type WorkingFacts, type WorkingId, type Workings } from "../../../core/workings/index.ts";

/** What a page asks: a calculation as it is typed. */
export interface AskedReckoning {
  readonly id: WorkingId;
  readonly key: string;
  readonly working: Workings[WorkingId];
  readonly facts: WorkingFacts[WorkingId];
}

/** Works out what takes too long for a page that is typed at: one question after the other, each answered under its key. */
self.onmessage = ({ data: { id, key, working, facts } }: MessageEvent<AskedReckoning>) => {
  self.postMessage({ key, reckoning: reckonWorking(id, working, facts) });
};
