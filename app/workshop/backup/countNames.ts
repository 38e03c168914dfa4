import type { Counts } from "../../../data/backup/index.ts";

/** What a data file holds, by kind, with the names of the kinds. */
export const COUNT_NAMES: Readonly<Record<keyof Counts, string>> = {
  ...{ wearers: "Wearers", sheets: "Sheets", cloths: "Cloths", jobs: "Jobs" },
  ...{ prototypes: "Prototypes", findings: "Findings", photos: "Photos" },
};
