import { SHIPPED_CLOTH_SETTINGS } from "../../core/cloth/index.ts";
import { SHIPPED_EASE_SETTINGS } from "../../core/ease/index.ts";
import { settingsFields } from "../workshop/settings-ease/easeSettingsFields.ts";
import type { ActionCase } from "./actionCase.ts";

/** The bench, settings, drafts and preferences. */
export const WORKSHOP_CASES: readonly ActionCase[] = [
  {
    does: "names the workshop",
    address: "/settings",
    right: { intent: "workshop", workshopName: "The Dye House", version: "1" },
    gives: "/settings",
    wrong: [[{ workshopName: "x".repeat(81) }, ["workshopName"]]],
    stale: 409,
  },
  {
    does: "sets the gauge",
    address: "/settings",
    right: { gaugeAddress: "/dev/ttyUSB0 115200", version: "0" },
    gives: "/settings",
    wrong: [[{ gaugeAddress: "/etc/passwd" }, ["gaugeAddress"]]],
    stale: 409,
  },
  {
    does: "changes the habits",
    address: "/settings/ease",
    right: { ...settingsFields(SHIPPED_EASE_SETTINGS, SHIPPED_CLOTH_SETTINGS), finger: "14", version: "0" },
    gives: "/settings/ease",
    wrong: [
      [{ finger: "" }, ["finger"]],
      [{ "share.brief.waist": "130" }, ["share.brief.waist"]],
      [{ "table[1].stretch": "0" }, ["table[1].stretch"]],
    ],
    stale: 409,
  },
  {
    does: "brings a deleted job back",
    address: "/",
    right: { job: "1" },
    gives: "/",
    leaves: true,
    foreign: [["/", { job: "one" }]],
  },
  {
    does: "keeps a draft",
    address: "/drafts",
    right: { draftForm: "sheet:1", "measure.waist.single.take1": "74" },
    gives: 200,
    wrong: [
      [{ draftForm: "guess:1" }, []],
      [{ notes: "x".repeat(70_000) }, []],
    ],
  },
  {
    does: "remembers how lengths are shown",
    address: "/preferences",
    right: { unit: "in" },
    gives: 200,
    wrong: [[{ unit: "furlong" }, []]],
    leaves: true,
  },
];
