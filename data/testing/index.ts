export { temporaryFolder, temporaryStore } from "./temporaryStore.ts";
