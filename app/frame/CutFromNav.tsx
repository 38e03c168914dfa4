import { type NavPlace, PlaceNav } from "./PlaceNav.tsx";

/**
 * Whose pieces a page goes by: those of the newest prototype, one of an older one, or as the plan would have them drawn anew. Nothing while
 * no prototype was cut.
 */
export function CutFromNav({
  cutFrom: { number: shown, numbers },
  at = "",
}: {
  cutFrom: { readonly number: number | null; readonly numbers: readonly number[] };
  /** What else of the address stays. */
  at?: string;
}) {
  if (numbers.length === 0) return null;
  const newest = numbers.at(-1);
  const to = (of: number | "plan") => `?${at}${at ? "&" : ""}pieces=${of}`;
  return (
    <PlaceNav
      label="Whose pieces"
      places={[
        ...numbers.toReversed().map(
          (number): NavPlace => ({
            to: to(number),
            label: `Pieces of prototype ${number}${number === newest ? ", cut now" : ""}`,
            current: shown === number,
          }),
        ),
        { to: to("plan"), label: "Drawn anew from the plan", current: shown === null },
      ]}
    />
  );
}
