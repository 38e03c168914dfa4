/** A form that puts a loose waist on the record. */
export const SEEN_FINDING = {
  intent: "finding",
  kind: "loose",
  spot: "waist",
  side: "both",
  view: "back",
  x: "0.5",
  y: "0.46",
  amount: "24",
  unit: "cm",
} as const;
