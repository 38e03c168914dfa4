import type { Page } from "@playwright/test";

/** One picture of the README: where it is taken and what is done before. */
export interface View {
  readonly name: string;
  readonly address: string;
  readonly width?: number;
  readonly dark?: boolean;
  prepare?(page: Page): Promise<void>;
}

/** One current picture of each main view. */
export const VIEWS: readonly View[] = [
  { name: "bench", address: "/" },
  {
    name: "sheet",
    address: "/wearers/1/sheets/new?from=3",
    prepare: (page) => page.getByLabel("Hip", { exact: true }).focus(),
  },
  { name: "cloth", address: "/cloths/3" },
  { name: "job", address: "/jobs/3" },
  { name: "ease-plan", address: "/jobs/1/ease" },
  {
    name: "why",
    address: "/jobs/1/ease",
    dark: true,
    prepare: async (page) => {
      await page.getByRole("button", { name: /^65.3 Waist, garment girth/ }).click();
      await page.getByRole("dialog", { name: "Where this number comes from" }).waitFor();
    },
  },
  { name: "prototype", address: "/jobs/1/prototypes/2" },
  { name: "fitting", address: "/jobs/2/prototypes/1/fitting" },
  { name: "what-changes-did", address: "/jobs/1/prototypes/2/fitting", width: 820 },
];
