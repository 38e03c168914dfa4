export { gatherEdits, type HistoryRepository, historyRepository } from "./history.ts";
export { closed, type Journaled, journal } from "./journal.ts";
export { renewJournal } from "./journaled.ts";
