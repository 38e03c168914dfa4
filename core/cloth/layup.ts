import type { TensionCurve } from "./curve/tensionCurve.ts";
import { type TensionThere, tensionAt } from "./curve/tensionCurve.ts";

/** One layer of a layup in its own direction. */
export interface LayupLayer {
  readonly name: string;
  /** Usable stretch; null where the layer was never tested. */
  readonly usable: number | null;
  /** Curve that is summed (loading or wear); null where the layer has none. */
  readonly curve: TensionCurve | null;
}

/** Layers stretched together: which one is the least stretchy, and which have no curve. */
export interface LayupJudgement {
  /** The smallest usable stretch; null where a layer was never tested. */
  readonly usable: number | null;
  /** Name of the layer that sets it. */
  readonly setBy: string | null;
  /** Layers never tested at all. */
  readonly untested: readonly string[];
  /** Layers without a curve: the sum is unknown while there is one. */
  readonly withoutCurve: readonly string[];
}

/** Judges a layup of one or more layers. */
export function judgeLayup(layers: readonly LayupLayer[]): LayupJudgement {
  const untested = layers.filter(({ usable }) => usable === null).map(({ name }) => name);
  const least = layers.reduce<LayupLayer | null>(
    (best, layer) =>
      layer.usable !== null && (best?.usable ?? Number.POSITIVE_INFINITY) > layer.usable ? layer : best,
    null,
  );
  return {
    usable: untested.length > 0 ? null : (least?.usable ?? null),
    setBy: untested.length > 0 ? null : (least?.name ?? null),
    untested,
    withoutCurve: layers.filter(({ curve }) => curve === null).map(({ name }) => name),
  };
}

/** A sum of tensions with each layer's part, N/m. */
export interface LayupTension extends TensionThere {
  readonly parts: readonly number[];
}

/** Layers stretched together share the strain and their tensions add; null while a layer has no curve. */
export function layupTensionAt(layers: readonly Pick<LayupLayer, "curve">[], strain: number): LayupTension | null {
  return sumOf(layers.map(({ curve }) => (curve ? tensionAt(curve, strain) : null)));
}

function sumOf(tensions: readonly (TensionThere | null)[]): LayupTension | null {
  const known = tensions.filter((tension) => tension !== null);
  if (known.length < tensions.length) return null;
  const parts = known.map(({ tensionNPerM }) => tensionNPerM);
  return {
    parts,
    tensionNPerM: parts.reduce((sum, part) => sum + part, 0),
    beyondTest: known.some(({ beyondTest }) => beyondTest),
  };
}
