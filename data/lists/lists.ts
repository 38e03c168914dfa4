import type { Knex } from "knex";

/** One page of a list. */
export interface Page<T> {
  readonly rows: readonly T[];
  readonly total: number;
  /** From 1. */
  readonly page: number;
  readonly pageCount: number;
}

/** Rows on one page of a list. */
export const PAGE_SIZE = 50;

/** What is looked for in a list. */
export interface ListQuery {
  readonly search: string;
  /** From 1. */
  readonly page: number;
}

/** Reads one page of a table by name, filtered by a part of the name; wildcards in the search are taken literally. */
export async function pageByName<Row extends object, T>(
  db: Knex,
  table: string,
  { search, page }: ListQuery,
  read: (row: Row) => T,
): Promise<Page<T>> {
  const matching = () => {
    const query = db(table);
    return search === "" ? query : query.whereRaw("name like ? escape '\\'", [likeAnywhere(search)]);
  };
  const found = await pageOf<Row>(matching, page, (query) => query.orderByRaw("name collate nocase, id"));
  return { ...found, rows: found.rows.map(read) };
}

/** A pattern for `like … escape '\\'` that finds a text anywhere; its wildcards are taken literally. */
export const likeAnywhere = (text: string): string => `%${text.replace(/[\\%_]/g, "\\$&")}%`;

/**
 * Reads one page of the rows that match; a page beyond the last is the last.
 * @param matching a fresh query of all that match, each time it is called.
 * @param ordered adds order and columns to it.
 */
export async function pageOf<Row>(
  matching: () => Knex.QueryBuilder,
  page: number,
  ordered: (query: Knex.QueryBuilder) => Knex.QueryBuilder,
): Promise<Page<Row>> {
  const counted = (await matching().count({ total: "*" }).first()) as { total: number } | undefined;
  const total = Number(counted?.total ?? 0);
  const pageCount = Math.max(1, Math.ceil(total / PAGE_SIZE));
  const at = Math.min(Math.max(1, page), pageCount);
  const rows: Row[] = await ordered(matching())
    .limit(PAGE_SIZE)
    .offset((at - 1) * PAGE_SIZE);
  return { rows, total, page: at, pageCount };
}
