/** A table whose edits are written down. */
export interface Journaled {
  /** SQL for the job of a row; `row` stands for new or old. */
  readonly job: string;
  readonly columns: readonly string[];
}

/** Writes down what every edit of a table did, row by row; the store gathers the rows of one action into one edit. */
export function journal(table: string, { job, columns }: Journaled): string[] {
  const content = (row: "new" | "old") =>
    `json_object(${columns.map((column) => `'${column}', ${row}.${column}`).join(", ")})`;
  const jobOf = (row: "new" | "old") => job.replaceAll("row.", `${row}.`);
  const write = (row: "new" | "old", before: string, after: string) =>
    `insert into job_edit_rows (job_id, name, before, after) select ${jobOf(row)}, '${table}', ${before}, ${after}
      where ${jobOf(row)} is not null`;
  return [
    `create trigger ${table}_written after insert on ${table}
      begin ${write("new", "null", content("new"))}; end`,
    `create trigger ${table}_edited after update on ${table} when ${content("old")} <> ${content("new")}
      begin ${write("new", content("old"), content("new"))}; end`,
    `create trigger ${table}_taken_off after delete on ${table}
      begin ${write("old", content("old"), "null")}; end`,
  ];
}

/** Not even a mistake in the program may write into the record of a closed prototype. */
export function closed(table: string, prototype: string): string[] {
  return (["insert", "update"] as const).map(
    (event) => `create trigger ${table}_closed_${event} before ${event} on ${table}
      when exists (select 1 from prototypes p where p.id = ${prototype} and p.closed_on is not null)
      begin select raise(abort, 'a closed prototype is only annotated'); end`,
  );
}
