import { HyperFormula, type RawCellContent } from "hyperformula";
import type { TensionCurve } from "../../core/cloth/index.ts";
import {
  fixedCutFor,
  girthBy,
  reductionFor,
  SHIPPED_EASE_SETTINGS as settings,
  type ZonePlan,
} from "../../core/ease/index.ts";
import { type Figure, quantile } from "./report.ts";
import { GIRTHS, LAYERS, LIKED_CURVE, likedGirthMm, planTwelveZones, RECOVERY, USABLE } from "./twelveZones.ts";

/** Schools that give a worn girth from what is entered here; a corset's closed girth is decided, not computed. */
const SCHOOLS = ["fixed", "percent", "share", "pressure", "profile"] as const;

/** Newton steps by which the sheet inverts its curve, from the straight line to the end of the test. */
const NEWTON_STEPS = 12;
const ROUNDS = 40;

/** Where each curve stands on the sheet "Curves": strains, tensions and slopes in three columns of seven rows. */
const COLUMNS = [
  ["A", "B", "C"],
  ["D", "E", "F"],
  ["G", "H", "I"],
  ["J", "K", "L"],
] as const;

/** The tension of one curve at the strain in a cell, as a maker would write it: find the piece, then Hermite's cubic. */
function tensionOf(curve: number, strain: string, slope = false): string {
  const [x, y, m] = (COLUMNS[curve] as readonly string[]).map((column) => `Curves!$${column}$1:$${column}$7`);
  const at = `MATCH(MAX(0,MIN(${strain},INDEX(${x},7)-0.000000001)),${x},1)`;
  const [x0, x1, y0, y1, m0, m1] = [
    [x, 0],
    [x, 1],
    [y, 0],
    [y, 1],
    [m, 0],
    [m, 1],
  ].map(([column, next]) => `INDEX(${column},${at}+${next})`) as [string, string, string, string, string, string];
  const t = `((${strain}-${x0})/(${x1}-${x0}))`;
  const inside = slope
    ? `6*${t}*(1-${t})*(${y1}-${y0})/(${x1}-${x0})+${m0}*(1-${t})*(1-3*${t})+${m1}*${t}*(3*${t}-2)`
    : `${y0}*(1+2*${t})*(${t}-1)^2+${m0}*(${x1}-${x0})*${t}*(${t}-1)^2+${y1}*${t}^2*(3-2*${t})+${m1}*(${x1}-${x0})*${t}^2*(${t}-1)`;
  const beyond = slope ? `INDEX(${m},7)` : `INDEX(${y},7)+INDEX(${m},7)*(${strain}-INDEX(${x},7))`;
  return `IF(${strain}<=0,0,IF(${strain}>INDEX(${x},7),${beyond},${inside}))`;
}

const sumOf = (strain: string, slope = false): string =>
  LAYERS.map((_, curve) => tensionOf(curve, strain, slope)).join("+");

/** Columns of a row of the plan, from the body to the strain after growth. */
function rowOf(row: number, index: number): RawCellContent[] {
  const [zone, bodyMm] = GIRTHS[Math.floor(index / SCHOOLS.length)] as (typeof GIRTHS)[number];
  const school = SCHOOLS[index % SCHOOLS.length] as (typeof SCHOOLS)[number];
  const share = settings.shares.swim[zone] ?? 0;
  const at = (column: string) => `${column}${row}`;
  const wanted = {
    fixed: "0",
    percent: "0",
    share: "0",
    pressure: sumOf(`(${share}*Settings!$B$2)`),
    profile: tensionOf(3, `(${bodyMm}/${likedGirthMm(bodyMm)}-1)`),
  }[school];
  // Only the schools that invert the curve need the columns of its inverse.
  const inverts = school === "pressure" || school === "profile";
  const newton = Array.from({ length: NEWTON_STEPS }, (_, step) => {
    if (!inverts) return null;
    if (step === 0) return 0.3;
    const before = at(String.fromCharCode("C".charCodeAt(0) + step - 1));
    return `=${before}-(${sumOf(before)}-${at("B")})/(${sumOf(before, true)})`;
  });
  const strain = at("O");
  const exact = {
    fixed: `4*(${at("A")}/4-${fixedCutFor(zone, USABLE, settings)})`,
    percent: `${at("A")}*(1-${reductionFor(USABLE, settings)})`,
    share: `${at("A")}/(1+${share}*Settings!$B$2)`,
    pressure: `${at("A")}/(1+${strain})`,
    profile: `${at("A")}/(1+${strain})`,
  }[school];
  const worn = at("R");
  return [
    `=${bodyMm}*Settings!$B$1`,
    `=${wanted}`,
    ...newton,
    inverts ? `=${at("N")}` : null,
    `=${exact}`,
    `=FLOOR(${at("P")}+0.5,1)`,
    `=${at("A")}/${at("Q")}-1`,
    `=1-${at("Q")}/${at("A")}`,
    `=${at("Q")}-${at("A")}`,
    `=${at("Q")}/${at("A")}-1`,
    `=${at("Q")}/2`,
    `=${at("Q")}/4`,
    `=${worn}/Settings!$B$2`,
    `=IF(${worn}>Settings!$B$2,"no reach",IF(${worn}>0.6*Settings!$B$2,"near","within"))`,
    `=${sumOf(worn)}`,
    `=2*PI()*${at("Y")}/${at("A")}`,
    `=IF(${at("Z")}>4,"stop",IF(${at("Z")}>=2.7,"firm",IF(${at("Z")}>=1.5,"snug","easy")))`,
    `=${at("Q")}*(1+(1-Settings!$B$3)*MAX(0,${worn}))`,
    `=${at("A")}/${at("AB")}-1`,
  ];
}

function curveRows(curves: readonly TensionCurve[]): RawCellContent[][] {
  return Array.from({ length: 7 }, (_, row) =>
    curves.flatMap(({ cubic }) => [...(cubic.points[row] ?? [0, 0]), cubic.slopes[row] ?? 0]),
  );
}

/** The same plan as a sheet of formulas in a general spreadsheet engine, recalculated whole for another body. */
export function spreadsheetFigures(planMicroseconds: number): Figure[] {
  const sheet = HyperFormula.buildFromSheets(
    {
      Settings: [
        ["scale", 1],
        ["usable", USABLE],
        ["recovery", RECOVERY],
      ],
      Curves: curveRows([...LAYERS, LIKED_CURVE]),
      Plan: Array.from({ length: GIRTHS.length * SCHOOLS.length }, (_, index) => rowOf(index + 1, index)),
    },
    { licenseKey: "gpl-v3" },
  );
  const settingsSheet = sheet.getSheetId("Settings") ?? 0;
  const rescale = (scale: number) => sheet.setCellContents({ sheet: settingsSheet, row: 0, col: 1 }, scale);
  const apart = largestDifference(sheet, planTwelveZones());
  const samples: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const from = performance.now();
    rescale(1 + (round % 7) / 100);
    samples.push(performance.now() - from);
  }
  sheet.destroy();
  const microseconds = quantile(samples, 0.5) * 1000;
  return [
    { name: "the same sheet in a spreadsheet engine, median", value: microseconds, unit: "µs" },
    { name: "how much faster the plan is (wanted at least 20)", value: microseconds / planMicroseconds, unit: "times" },
    { name: "largest difference of a girth between the two", value: apart, unit: "mm" },
  ];
}

/** Both must say the same, or the comparison is of two different things. @throws where one of them says no number. */
function largestDifference(sheet: HyperFormula, zones: readonly ZonePlan[]): number {
  const planSheet = sheet.getSheetId("Plan") ?? 0;
  let largest = 0;
  zones.forEach((zone, zoneIndex) => {
    SCHOOLS.forEach((school, schoolIndex) => {
      const cell = sheet.getCellValue({ sheet: planSheet, row: zoneIndex * SCHOOLS.length + schoolIndex, col: 16 });
      const ours = girthBy(school, zone)?.garmentMm;
      if (ours === undefined || typeof cell !== "number")
        throw new Error(
          `Expected a girth of ${zone.zone} by ${school} from both, but got ${ours} and ${String(cell)}.`,
        );
      largest = Math.max(largest, Math.abs(cell - ours));
    });
  });
  return largest;
}
