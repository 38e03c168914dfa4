export { addWearer } from "./addWearer.ts";
export { demoInMemory } from "./demoInMemory.ts";
export { contentOf, demoFile, demoStore } from "./demoStore.ts";
export { itKeeps, itLists } from "./itKeeps.ts";
export { OLDER_DATA_FILES, OLDER_JOB_FILES, olderDataFile, olderJobFiles } from "./olderFiles.ts";
export { temporaryFolder, temporaryStore } from "./temporaryStore.ts";
export { decision, withPrototype } from "./withPrototype.ts";
