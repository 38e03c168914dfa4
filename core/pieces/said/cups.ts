import type { WireWorking } from "../../band/index.ts";
import type { CupWorking } from "../../cups/index.ts";
import { elsewhereOf } from "../../standing/index.ts";
import type { Decided, SaidOfOptions } from "./saidOfOptions.ts";
import { strapOfBand } from "./strap.ts";

/** What a cup's cloth gives, as its swatches were tested; its strain and where the sides differ, as Cups was told. */
export const cupsBy = (id: string): SaidOfOptions => ({
  usual: ({ cupsStretch: stretch, settings }): Record<string, number> => ({
    cup_strain: settings.cupStrain,
    ...(stretch ? { cloth_gives: Math.min(stretch.usable, stretch.usableAlong ?? stretch.usable) } : {}),
  }),
  elsewhere: ({ keptWorkings }) => elsewhereOf(id, keptWorkings),
  decided: ({ keptWorkings }) => sidesDecided(keptWorkings.cup),
});

/** The same of a whole bra, with straps as Band cuts them. */
export const braBy = (id: string): SaidOfOptions => ({
  ...cupsBy(id),
  elsewhere(job) {
    const strap = strapOfBand(job);
    return { ...elsewhereOf(id, job.keptWorkings), ...(strap ? { strap_length: strap } : {}) };
  },
});

/** The same of cups above wires, which Band was told. */
export const wiredBy = (id: string): SaidOfOptions => ({
  ...braBy(id),
  decided: ({ keptWorkings }) => ({ ...wiresDecided(keptWorkings.wire), ...sidesDecided(keptWorkings.cup) }),
});

/** How Cups cuts breasts that differ. */
function sidesDecided(cup: object | undefined): Decided {
  const remedy = (cup as CupWorking | undefined)?.remedy ?? "open";
  if (remedy === "open") return {};
  return {
    sides:
      remedy === "twoCups"
        ? { value: "own", words: "Each side its own cups, as decided at Cups." }
        : {
            value: "larger",
            words: "The larger twice, the smaller padded, as decided at Cups.",
          },
  };
}

/** Whether Band has a wire for both sides, or one for each. */
function wiresDecided(wire: object | undefined): Decided {
  const sides = (wire as WireWorking | undefined)?.sides;
  if (sides === undefined) return {};
  const words = sides === "apart" ? "Each side its own, as Band has it." : "One for both sides, as Band has it.";
  return { wires: { value: sides, words } };
}
