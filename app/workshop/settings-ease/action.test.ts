import { SHIPPED_CLOTH_SETTINGS } from "../../../core/cloth/index.ts";
import { SHIPPED_EASE_SETTINGS } from "../../../core/ease/index.ts";
import { itActs } from "../../testing/itActs.ts";
import { settingsFields } from "../../workshop/settings-ease/easeSettingsFields.ts";

itActs([
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
]);
