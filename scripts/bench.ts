/** `npm run bench`: prints how fast and how heavy things are. Figures are looked at, never asserted. */
import { asShipped } from "./bench/asShipped.ts";
import { findingFigures } from "./bench/findings.ts";
import { listFigures } from "./bench/lists.ts";
import { pageFigures } from "./bench/pages.ts";
import { redrawFigures } from "./bench/redraw.ts";
import { report } from "./bench/report.ts";
import { whatIfFigures } from "./bench/whatIf.ts";
import { ensureBuilt } from "./build.mjs";

if (!(await ensureBuilt())) process.exit(1);
console.log("Times on this machine, while nothing else should be running:\n");
const { planFigures } = await asShipped<typeof import("./bench/plan.ts")>("plan");
const { draftFigures } = await asShipped<typeof import("./bench/drafts.ts")>("drafts");
const { elasticFigures } = await asShipped<typeof import("./bench/elastics.ts")>("elastics");
const { layoutFigures } = await asShipped<typeof import("./bench/layout.ts")>("layout");
const { dayFigures } = await asShipped<typeof import("./bench/days.ts")>("days");
const lists = await listFigures();
report([
  ...(await planFigures()),
  ...(await draftFigures()),
  ...(await elasticFigures()),
  ...layoutFigures(),
  ...(await dayFigures()),
  ...lists.figures,
  ...(await findingFigures()),
  ...(await whatIfFigures()),
  ...(await redrawFigures()),
  ...(await pageFigures()),
]);
console.log(`\nHow the lists are read:\n${lists.plans.map((plan) => `  ${plan}`).join("\n")}`);
