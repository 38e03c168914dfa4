import { CLOTH_KINDS, type Cloth, ELASTIC_KINDS, MOST_SHRINKAGE } from "../../core/cloth/index.ts";
import { parseQuantity } from "../../core/units/index.ts";
import { type FieldErrors, formValidator } from "../../formats/validation.ts";
import { choice, formOf, line, notes, optionalLine } from "../form/fields.server.ts";
import type { Fields } from "../form/unsaved.ts";
import { parseSwatchLength } from "./swatchLength.ts";

const validate = formValidator(
  formOf({
    name: line("a name"),
    kind: choice("a kind", CLOTH_KINDS),
    composition: optionalLine("the composition"),
    supplier: optionalLine("the supplier"),
    notes: notes(),
  }),
);

/** Widest roll, thickest cloth (mm) and heaviest (g/m²) that are believed. */
const MOST = { rollWidth: 6000, thickness: 20, finishAllowance: 100, mass: 3000 } as const;

/** Reads the form of a cloth or an elastic; what is not known may stay empty. */
export function readCloth(
  fields: Fields,
): { ok: true; value: Omit<Cloth, "id" | "version"> } | { ok: false; errors: FieldErrors } {
  const valid = validate(fields);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  const length = (name: "rollWidth" | "thickness" | "finishAllowance") => optionalLength(fields, name, errors);
  const sizes = {
    rollWidthMm: length("rollWidth"),
    thicknessMm: length("thickness"),
    massGPerM2: optionalMass(fields, errors),
    shrinkageAlong: optionalShrinkage(fields, "shrinkageAlong", errors),
    shrinkageAcross: optionalShrinkage(fields, "shrinkageAcross", errors),
  };
  const isElastic = fields.kind === "elastic";
  const finishAllowanceMm = isElastic ? length("finishAllowance") : null;
  if (!valid.ok || Object.keys(errors).length > 0) return { ok: false, errors };
  const { name, kind, composition = "", supplier = "", notes: words = "" } = valid.value;
  const elasticKind = isElastic ? (ELASTIC_KINDS.find((known) => known === fields.elasticKind) ?? null) : null;
  return {
    ok: true,
    value: {
      name,
      kind: kind as Cloth["kind"],
      composition,
      supplier,
      notes: words,
      ...sizes,
      elasticKind,
      finishAllowanceMm,
    },
  };
}

function optionalLength(
  fields: Fields,
  name: "rollWidth" | "thickness" | "finishAllowance",
  errors: Record<string, string>,
): number | null {
  const text = (fields[name] ?? "").trim();
  if (text === "") return null;
  const parsed = parseSwatchLength(text);
  const least = name === "finishAllowance" ? 0 : Number.MIN_VALUE;
  if (parsed.ok && parsed.value >= least && parsed.value <= MOST[name]) return parsed.value;
  errors[name] = parsed.ok
    ? `Expected at most ${MOST[name]} mm and more than nothing, but got “${text}”.`
    : parsed.problem.message;
  return null;
}

function optionalMass(fields: Fields, errors: Record<string, string>): number | null {
  const text = (fields.mass ?? "").trim();
  if (text === "") return null;
  const mass = parseQuantity(text.replace(/\s*g(\/m²|\/m2)?$/i, ""));
  if (mass !== null && mass > 0 && mass <= MOST.mass) return mass;
  errors.mass = `Expected grams per square metre such as 190, but got “${text}”.`;
  return null;
}

/** A shrinkage is typed in per cent. */
function optionalShrinkage(
  fields: Fields,
  name: "shrinkageAlong" | "shrinkageAcross",
  errors: Record<string, string>,
): number | null {
  const text = (fields[name] ?? "").trim();
  if (text === "") return null;
  const percent = parseQuantity(text.replace(/\s*%$/, ""));
  if (percent !== null && percent / 100 < MOST_SHRINKAGE) return percent / 100;
  errors[name] = `Expected a shrinkage from 0 to under ${MOST_SHRINKAGE * 100} per cent, but got “${text}”.`;
  return null;
}

const percentText = (ratio: number | null): string => (ratio === null ? "" : String(Number((ratio * 100).toFixed(4))));

/** The fields a cloth is edited from. */
export const clothFields = (cloth: Cloth): Fields => ({
  name: cloth.name,
  kind: cloth.kind,
  composition: cloth.composition,
  supplier: cloth.supplier,
  notes: cloth.notes,
  rollWidth: cloth.rollWidthMm === null ? "" : String(cloth.rollWidthMm),
  thickness: cloth.thicknessMm === null ? "" : String(cloth.thicknessMm),
  mass: cloth.massGPerM2 === null ? "" : String(cloth.massGPerM2),
  shrinkageAlong: percentText(cloth.shrinkageAlong),
  shrinkageAcross: percentText(cloth.shrinkageAcross),
  elasticKind: cloth.elasticKind ?? "",
  finishAllowance: cloth.finishAllowanceMm === null ? "" : String(cloth.finishAllowanceMm),
});
