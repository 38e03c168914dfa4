/** A person, or a dress form, that garments are fitted to. A form does not breathe and does not squash. */
export type WearerKind = "person" | "form";

/** Who a garment is made for. */
export interface Wearer {
  readonly id: number;
  readonly name: string;
  readonly kind: WearerKind;
  /** A child: firm garments are not for children, and cords and ties need the local code. */
  readonly child: boolean;
  /** What the skin must not meet: nickel, latex, a dye. */
  readonly allergies: string;
  /** Free words of the workshop. */
  readonly notes: string;
  /** Rises by one at every save; a save names the version it started from. */
  readonly version: number;
}
