import { type RouteConfigEntry, route } from "@react-router/dev/routes";

/** Size charts. */
export const chartsRoutes: RouteConfigEntry[] = [
  route("charts", "charts/list/route.tsx"),
  route("charts/new", "charts/new/route.tsx"),
  route("charts/import", "charts/import/route.tsx"),
  route("charts/:chartId", "charts/chart/route.tsx"),
  route("charts/:chartId/export/:layout", "charts/export/route.ts"),
];
