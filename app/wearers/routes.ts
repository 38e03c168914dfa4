import { type RouteConfigEntry, route } from "@react-router/dev/routes";

/** Wearers with their sheets, garments that fit and body wraps. */
export const wearersRoutes: RouteConfigEntry[] = [
  route("wearers", "wearers/list/route.tsx"),
  route("wearers/new", "wearers/new/route.tsx"),
  route("wearers/import", "wearers/import/route.tsx"),
  route("wearers/:wearerId", "wearers/wearer/route.tsx"),
  route("wearers/:wearerId/sheets/new", "wearers/sheet-new/route.tsx"),
  route("wearers/:wearerId/sheets/blank", "wearers/sheet-blank/route.ts"),
  route("wearers/:wearerId/sheets/export/:layout", "wearers/sheets-export/route.ts"),
  route("wearers/:wearerId/sheets/import", "wearers/sheets-import/route.tsx"),
  route("wearers/:wearerId/compare", "wearers/compare/route.tsx"),
  route("wearers/:wearerId/export", "wearers/export/route.ts"),
  route("wearers/:wearerId/garments", "wearers/garments/route.tsx"),
  route("wearers/:wearerId/garments/new", "wearers/garment-new/route.tsx"),
  route("wearers/:wearerId/wraps", "wearers/wraps/route.tsx"),
  route("wearers/:wearerId/wraps/new", "wearers/wrap-new/route.tsx"),
  route("wraps/:wrapId", "wearers/wrap/route.tsx"),
  route("garments/:garmentId", "wearers/garment/route.tsx"),
  route("wearers/:wearerId/erase", "wearers/erase/route.tsx"),
  route("sheets/:sheetId", "wearers/sheet/route.tsx"),
];
