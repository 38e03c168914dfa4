import { ownStyleId, STYLES } from "../../../core/ease/index.ts";
import type { Repositories } from "../../../data/store.ts";

/** Names of all styles, shipped and own, by their id. */
export async function styleNames({ styles }: Pick<Repositories, "styles">): Promise<ReadonlyMap<string, string>> {
  const own = await styles.own();
  return new Map([
    ...STYLES.map(({ id, name }) => [id, name] as const),
    ...own.map(({ id, name }) => [ownStyleId(id), name] as const),
  ]);
}
