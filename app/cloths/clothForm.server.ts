import { CLOTH_KINDS, type Cloth, ELASTIC_KINDS, MOST_SHRINKAGE } from "../../core/cloth/index.ts";
import { formReader } from "../../formats/form/formReader.ts";
import {
  choice,
  type FormRead,
  group,
  line,
  notes,
  number,
  optionalLine,
  orNull,
  percent,
  swatchLength,
} from "../../formats/form/index.ts";
import { numberText, percentText } from "../form/numberText.ts";
import type { Fields } from "../form/unsaved.ts";

/** Widest roll, thickest cloth and longest finish that are believed, mm; heaviest cloth, g/m². */
const MOST = { rollWidth: 6000, thickness: 20, finishAllowance: 100, mass: 3000 } as const;

/** A cloth may be told to shrink up to just under this, per cent. */
const SHRINKAGE = { what: "a shrinkage in per cent", least: 0, most: MOST_SHRINKAGE * 100 - 0.1 } as const;

const readTyped = formReader(
  group({
    name: line("a name"),
    kind: choice("a kind", CLOTH_KINDS),
    composition: optionalLine("the composition"),
    supplier: optionalLine("the supplier"),
    notes: notes(),
    rollWidth: orNull(swatchLength({ mostMm: MOST.rollWidth })),
    thickness: orNull(swatchLength({ mostMm: MOST.thickness })),
    mass: orNull(
      number({ what: "grams per square metre such as 190", least: 1, most: MOST.mass }, /\s*g(\/m²|\/m2)?$/i),
    ),
    shrinkageAlong: orNull(percent(SHRINKAGE)),
    shrinkageAcross: orNull(percent(SHRINKAGE)),
    elasticKind: orNull(choice("a kind of elastic", ELASTIC_KINDS)),
    finishAllowance: orNull(swatchLength({ mostMm: MOST.finishAllowance, zero: true })),
  }),
);

/** Reads the form of a cloth or an elastic; what is not known may stay empty. */
export function readCloth(fields: Fields): FormRead<Omit<Cloth, "id" | "version">> {
  const read = readTyped(fields);
  if (!read.ok) return read;
  const { rollWidth, thickness, mass, elasticKind, finishAllowance, ...value } = read.value;
  const isElastic = value.kind === "elastic";
  return {
    ok: true,
    value: {
      ...value,
      rollWidthMm: rollWidth,
      thicknessMm: thickness,
      massGPerM2: mass,
      elasticKind: isElastic ? elasticKind : null,
      finishAllowanceMm: isElastic ? finishAllowance : null,
    },
  };
}

const textOf = (value: number | null): string => (value === null ? "" : numberText(value));

/** The fields a cloth is edited from. */
export const clothFields = (cloth: Cloth): Fields => ({
  name: cloth.name,
  kind: cloth.kind,
  composition: cloth.composition,
  supplier: cloth.supplier,
  notes: cloth.notes,
  rollWidth: textOf(cloth.rollWidthMm),
  thickness: textOf(cloth.thicknessMm),
  mass: textOf(cloth.massGPerM2),
  shrinkageAlong: percentText(cloth.shrinkageAlong),
  shrinkageAcross: percentText(cloth.shrinkageAcross),
  elasticKind: cloth.elasticKind ?? "",
  finishAllowance: textOf(cloth.finishAllowanceMm),
});
