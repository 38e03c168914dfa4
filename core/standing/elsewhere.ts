/** A value that another step of the job was told, for a field that is left empty here. */
export interface ToldElsewhere {
  /** In the unit of the field it fills: mm, or a ratio. */
  readonly value: number;
  /** The step, by its name. */
  readonly at: string;
  /** True where that step worked it out of what it was told. */
  readonly reckoned?: true;
  /** What another field has to be for it to hold; left out where it always holds. */
  readonly when?: { readonly field: string; readonly is: string };
}

/** What other steps were told, by the field it fills here. */
export type Elsewhere = Readonly<Record<string, ToldElsewhere>>;

/** What one step was told, by the field it fills at another; what was not told is left out. */
export const toldAt = (at: string, values: Readonly<Record<string, number | null | undefined>>): Elsewhere =>
  Object.fromEntries(
    Object.entries(values).flatMap(([field, value]) => (typeof value === "number" ? [[field, { value, at }]] : [])),
  );

/** A working with what was typed elsewhere in the fields that are empty. */
export const filledFrom = <Working extends object>(working: Working, elsewhere: Elsewhere): Working => ({
  ...working,
  ...Object.fromEntries(
    Object.entries(elsewhere).flatMap(([field, told]) =>
      fieldOf(working, field) === null && holdsFor(working, told) ? [[field, told.value]] : [],
    ),
  ),
});

/** True where what was told elsewhere holds as the other fields stand. */
export const holdsFor = (working: object, { when }: ToldElsewhere): boolean =>
  when === undefined || fieldOf(working, when.field) === when.is;

/** Where the value of a field was typed, in the words of a formula. */
export const typedWhere = (working: object, elsewhere: Elsewhere, field: string): string => {
  const told = elsewhere[field];
  return told && fieldOf(working, field) === null ? `typed at ${told.at}` : "typed here";
};

/** Values nearer than this are one, in mm or as a ratio: both were read from texts. */
const SAME = 1e-6;

/** Fields that say something else here than elsewhere, with both values. */
export const saidOtherwise = (
  working: object,
  elsewhere: Elsewhere,
): { readonly field: string; readonly here: number; readonly there: ToldElsewhere }[] =>
  Object.entries(elsewhere).flatMap(([field, there]) => {
    const here = fieldOf(working, field);
    return typeof here === "number" && holdsFor(working, there) && Math.abs(here - there.value) > SAME
      ? [{ field, here, there }]
      : [];
  });

const fieldOf = (working: object, field: string): unknown => (working as Readonly<Record<string, unknown>>)[field];
