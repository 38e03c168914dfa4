export { gatherEdits, type HistoryRepository, historyRepository } from "./history.ts";
