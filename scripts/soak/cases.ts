import { COMPUTE_KINDS } from "../../core/compute/index.ts";
import { type Chance, NASTY, one } from "./nasty.ts";

/** A case of the scripting interface: of any kind there is, as its schema has it, with whatever in some of its places. */
export function computeCase(chance: Chance): unknown {
  if (chance(12) === 0) return one(NASTY, chance);
  const { kind, input } = one(COMPUTE_KINDS, chance);
  return { kind: chance(20) === 0 ? one(NASTY, chance) : kind, input: valueBy(input as Shape, chance) };
}

/** What of a schema says how a value of it looks. */
interface Shape {
  readonly type?: string | readonly string[];
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Shape[];
  readonly properties?: Readonly<Record<string, Shape>>;
  readonly items?: Shape | readonly Shape[];
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minItems?: number;
}

/** A value that a schema takes, as a rule: one in thirty is something else. */
function valueBy(shape: Shape, chance: Chance): unknown {
  if (chance(30) === 0) return one<unknown>([...NASTY, null, [], {}, -1, 1e308, 5e-324], chance);
  if (shape.const !== undefined) return shape.const;
  if (shape.enum) return one(shape.enum, chance);
  if (shape.anyOf) return valueBy(one(shape.anyOf, chance), chance);
  if (shape.properties)
    return Object.fromEntries(Object.entries(shape.properties).map(([name, inner]) => [name, valueBy(inner, chance)]));
  if (Array.isArray(shape.items)) return (shape.items as readonly Shape[]).map((inner) => valueBy(inner, chance));
  if (shape.items)
    return Array.from({ length: (shape.minItems ?? 0) + chance(6) }, () => valueBy(shape.items as Shape, chance));
  if (shape.type === "number" || shape.type === "integer") {
    const [least, most] = [shape.minimum ?? 0, Math.min(shape.maximum ?? 1500, 1e6)];
    const value = one(
      [least, most, least + (most - least) / (1 + chance(50)), chance(100), chance(1000) / 1000],
      chance,
    );
    return shape.type === "integer" ? Math.round(value) : value;
  }
  if (shape.type === "boolean") return chance(2) === 0;
  return shape.type === "null" ? null : one(NASTY, chance);
}
