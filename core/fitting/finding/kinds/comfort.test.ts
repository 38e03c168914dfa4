import { itProposes } from "../../../testing/index.ts";

itProposes("comfort", [
  { told: "only kept where it is forgotten", found: { detail: { score: "5" } }, remedies: [] },
  { told: "only kept where it cannot be borne", found: { detail: { score: "1" } }, remedies: [] },
  ...(["pain", "numbness", "tingling"] as const).map((sign) => ({
    told: `off at once at ${sign}`,
    found: { detail: { score: "3", [sign]: "yes" } },
    remedies: [],
    cautions: [new RegExp(`^${sign}: take it off at once\\. .* clinician`)],
  })),
  {
    told: "all signs of it, in their order",
    found: { detail: { score: "2", breathless: "yes", numbness: "yes" } },
    remedies: [],
    cautions: [/^numbness, breathlessness: take it off at once/],
  },
]);
