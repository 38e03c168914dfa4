import {
  type ClothSettings,
  countingTest,
  type KeptLayer,
  type KeptLayup,
  type LayupLayer,
  wearCurve,
} from "../../../core/cloth/index.ts";
import type { Repositories } from "../../../data/store.ts";

/** A layer as judged: what is kept of it, and what its counting test says. */
export interface JudgedLayer extends LayupLayer, KeptLayer {
  /** Name of the cloth; empty where it is no longer there. */
  readonly clothName: string;
  /** Tension in wear; null where the layer has no curve. */
  readonly wear: LayupLayer["curve"];
}

/** The layers of a layup with their curves, each by the counting test of its own direction. */
export async function judgedLayers(
  { cloths }: Pick<Repositories, "cloths">,
  { layers }: KeptLayup,
  settings: ClothSettings,
): Promise<JudgedLayer[]> {
  const shelf = await cloths.findAll(layers.map(({ clothId }) => clothId));
  return layers.map((layer, index) => {
    const cloth = shelf.find(({ id }) => id === layer.clothId);
    const counting = cloth ? countingTest(cloth.tests, layer.direction, cloth.kind, settings) : null;
    const ladder = counting?.ladder ?? null;
    return {
      ...layer,
      clothName: cloth?.name ?? "",
      name: `${index + 1}. ${cloth?.name ?? "a cloth no longer there"}`,
      usable: counting?.usable ?? null,
      curve: ladder?.loading ?? null,
      wear: ladder ? wearCurve(ladder, settings.wearFactor) : null,
    };
  });
}

/** Cloths offered while a layup is put together: the first of the shelf; others are named by hand. */
export async function shelfChoices({ cloths }: Pick<Repositories, "cloths">): Promise<{ id: number; name: string }[]> {
  const { rows } = await cloths.list({ search: "", page: 1 });
  return rows.map(({ id, name }) => ({ id, name }));
}
