import type { Knex } from "knex";
import { bodyAndCloth } from "./0001_body_and_cloth.ts";
import { jobsAndFittings } from "./0002_jobs_and_fittings.ts";
import { drafts } from "./0003_drafts.ts";
import { wholeBody } from "./0004_whole_body.ts";
import { swatchBench } from "./0005_swatch_bench.ts";
import { settings } from "./0006_settings.ts";
import { easePlan } from "./0007_ease_plan.ts";
import { torsoAndCups } from "./0008_torso_and_cups.ts";
import { fittingRecord } from "./0009_fitting_record.ts";
import { apartAndKnown } from "./0010_apart_and_known.ts";
import { formats } from "./0011_formats.ts";
import { pieces } from "./0012_pieces.ts";
import { traced } from "./0013_traced.ts";
import { styleParts } from "./0014_style_parts.ts";
import { measureLinks } from "./0015_measure_links.ts";
import type { Migration } from "./migration.ts";

/** Every migration in order. Once released, a migration is never edited; the next one mends it. */
export const MIGRATIONS: readonly Migration[] = [
  bodyAndCloth,
  jobsAndFittings,
  drafts,
  wholeBody,
  swatchBench,
  settings,
  easePlan,
  torsoAndCups,
  fittingRecord,
  apartAndKnown,
  formats,
  pieces,
  traced,
  styleParts,
  measureLinks,
];

/**
 * Checks that names count up from 0001 without a gap.
 * @throws Error when a migration was left out, doubled or put in the wrong place.
 */
export function assertContiguous(migrations: readonly Migration[]): void {
  migrations.forEach(({ name }, index) => {
    const expected = String(index + 1).padStart(4, "0");
    if (!name.startsWith(`${expected}_`)) throw new Error(`Expected migration ${expected}, but found ${name}.`);
  });
}

/** Knex reads the list instead of a folder, so that it is the same in the bundle, in scripts and in tests. */
export function migrationSource(migrations: readonly Migration[] = MIGRATIONS): Knex.MigrationSource<Migration> {
  assertContiguous(migrations);
  return {
    getMigrations: async () => [...migrations],
    getMigrationName: ({ name }) => name,
    getMigration: async ({ up }) => ({
      up,
      down: async () => {
        throw new Error("The data file only goes forward; restore a backup to go back.");
      },
    }),
  };
}
