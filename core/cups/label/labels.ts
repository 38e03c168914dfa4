import { MM_PER_INCH } from "../../units/index.ts";

/** Schools of labels by inches; they give very different letters, so a label names its school. */
export type InchRule = "trade" | "asIs" | "addFourOrFive";

/** All schools of inch labels. */
export const INCH_RULES: readonly InchRule[] = ["trade", "asIs", "addFourOrFive"];

/** A label for every market; null outside its tables. */
export interface BraLabels {
  readonly en: string | null;
  readonly fr: string | null;
  readonly uk: string | null;
  readonly us: string | null;
  readonly au: string | null;
}

const EN_CUPS = ["AA", "A", "B", "C", "D", "E", "F", "G", "H", "J", "K"] as const;
const UK_CUPS = ["AA", "A", "B", "C", "D", "DD", "E", "F", "FF", "G", "GG", "H", "HH", "J", "JJ", "K"] as const;
const US_CUPS = ["AA", "A", "B", "C", "D", "DD", "DDD", "G", "H", "I", "J"] as const;

/** Bands of the tables: cm by fives, inches by twos. */
const EN_BANDS = { least: 60, most: 110 } as const;
const INCH_BANDS = { least: 28, most: 56 } as const;

/** A length that lost its last digit on the way still belongs to the class it was measured into. */
const ROUNDED_AWAY = 1e-9;

/** Band and place in the list of cups, before it is written for a market. */
interface Sized {
  readonly band: number;
  readonly place: number;
}

/** Full bust for the cup: the mean of standing and leaning where both were taken. mm. */
export const cupBustMm = (bustMm: number, leaningMm: number | null): number =>
  leaningMm === null ? bustMm : (bustMm + leaningMm) / 2;

/**
 * Labels by the tables of the markets, which are only for buying wires, cups and hooks: a garment is cut from
 * dimensions.
 *
 * @param underbustMm snug.
 * @param bustMm full bust for the cup.
 * @param sister bands up (below 0: down); each takes one cup letter down, so that volume and wire stay.
 */
export function braLabels(underbustMm: number, bustMm: number, inchRule: InchRule, sister = 0): BraLabels {
  const own = enSize(underbustMm, bustMm);
  const en = own && sisterOf(own, sister, EN_STEP);
  const ownInches = inchRule === "trade" ? tradeSize(own) : inchSize(underbustMm, bustMm, inchRule);
  const inches = ownInches && written(ownInches, UK_CUPS) ? sisterOf(ownInches, sister, INCH_STEP) : null;
  const uk = inches && inBands(inches.band, INCH_BANDS) ? inches : null;
  return {
    en: written(en && inBands(en.band, EN_BANDS) ? en : null, EN_CUPS),
    fr: written(en && inBands(en.band, EN_BANDS) ? { ...en, band: en.band + 15 } : null, EN_CUPS),
    uk: written(uk, UK_CUPS),
    us: written(uk, US_CUPS),
    au: written(uk && { ...uk, band: uk.band - 22 }, UK_CUPS),
  };
}

function enSize(underbustMm: number, bustMm: number): Sized | null {
  const band = Math.floor(underbustMm / 50 + 0.5 + ROUNDED_AWAY) * 5;
  const place = Math.floor((bustMm - underbustMm - 100) / 20 + ROUNDED_AWAY);
  return inBands(band, EN_BANDS) && place >= 0 && place < EN_CUPS.length ? { band, place } : null;
}

/** From one band to the next: cm and inches. */
const EN_STEP = 5;
const INCH_STEP = 2;

const sisterOf = ({ band, place }: Sized, up: number, step: number): Sized => ({
  band: band + up * step,
  place: place - up,
});

/** What wires, cups and hooks are sold by: the cup at the same place of its list as the EN letter in its own. */
const tradeSize = (en: Sized | null): Sized | null => en && { band: 28 + (2 * (en.band - 60)) / 5, place: en.place };

function inchSize(underbustMm: number, bustMm: number, rule: Exclude<InchRule, "trade">): Sized {
  const underbust = underbustMm / MM_PER_INCH;
  const whole = Math.floor(underbust + 0.5 + ROUNDED_AWAY);
  const band = rule === "asIs" ? 2 * Math.floor(underbust / 2 + 0.5 + ROUNDED_AWAY) : whole + (whole % 2 === 0 ? 4 : 5);
  return { band, place: Math.floor(bustMm / MM_PER_INCH - band + 0.5 + ROUNDED_AWAY) };
}

const inBands = (band: number, { least, most }: { least: number; most: number }): boolean =>
  band >= least && band <= most;

function written(size: Sized | null, cups: readonly string[]): string | null {
  const cup = size ? cups[size.place] : undefined;
  return size && cup !== undefined ? `${size.band}${cup}` : null;
}
