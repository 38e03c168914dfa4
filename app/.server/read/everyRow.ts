/** Every row of a list that is asked for page by page. */
export async function* everyRow<Row>(
  pageAt: (page: number) => Promise<{ readonly rows: readonly Row[]; readonly pageCount: number }>,
): AsyncGenerator<Row> {
  for (let page = 1; ; page += 1) {
    const { rows, pageCount } = await pageAt(page);
    yield* rows;
    if (page >= pageCount) return;
  }
}
