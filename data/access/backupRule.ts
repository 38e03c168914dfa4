import type { Knex } from "knex";
import { keptSealKey } from "../../formats/kept/keptSealKey.ts";
import type { BackupRule } from "../backup/index.ts";
import { readKept, type SaveOutcome } from "../db/index.ts";

/** How backups are taken on this machine, with what stands in their way. */
export interface KeptBackupRule extends BackupRule {
  /** What went wrong with the last one; null where nothing did. */
  readonly fault: string | null;
  readonly version: number;
}

/** How backups are taken: kept on this machine, so that no restored file changes it. */
export interface BackupRuleRepository {
  find(): Promise<KeptBackupRule>;
  save(rule: Omit<KeptBackupRule, "fault">): Promise<SaveOutcome<KeptBackupRule>>;
  /** Notes what went wrong with a backup, or that nothing did; where that cannot be written, until the next start. */
  note(fault: string | null): Promise<void>;
}

interface RuleRow {
  days: number;
  weeks: number;
  months: number;
  second: string | null;
  seal: string | null;
  fault: string | null;
  version: number;
}

/** The rule over a connection. */
export function backupRuleRepository(db: Knex): BackupRuleRepository {
  // On a full disk what went wrong cannot be written down either: it is known until the next start.
  let unwritten: string | null = null;
  const find = async (): Promise<KeptBackupRule> => {
    const { days, weeks, months, second, seal, fault, version }: RuleRow = await db("backup_rule")
      .where({ id: 1 })
      .first();
    const key = seal === null ? null : readKept(keptSealKey, { content: seal, format: keptSealKey.format });
    return { days, weeks, months, second, seal: key, fault: unwritten ?? fault, version };
  };
  return {
    find,
    async save({ days, weeks, months, second, seal, version }) {
      const columns = { days, weeks, months, second, seal: seal && JSON.stringify(seal), version: version + 1 };
      const touched = await db("backup_rule").where({ id: 1, version }).update(columns);
      return touched === 1 ? { saved: true, value: await find() } : { saved: false, theirs: await find() };
    },
    async note(fault) {
      unwritten = fault;
      await db("backup_rule")
        .where({ id: 1 })
        .update({ fault })
        .then(
          () => {
            unwritten = null;
          },
          () => undefined,
        );
    },
  };
}
