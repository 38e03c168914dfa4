import { type RouteConfigEntry, route } from "@react-router/dev/routes";

/** The shelf: cloths, their swatch tests, layups, and the gauge they are pulled on. */
export const clothsRoutes: RouteConfigEntry[] = [
  route("cloths", "cloths/list/route.tsx"),
  route("cloths/new", "cloths/new/route.tsx"),
  route("cloths/:clothId", "cloths/cloth/route.tsx"),
  route("cloths/:clothId/tests/new", "cloths/swatch-new/route.tsx"),
  route("cloths/:clothId/tests/live", "cloths/swatch-live/route.tsx"),
  route("cloths/:clothId/photo", "cloths/photo/route.ts"),
  route("tests/:testId", "cloths/swatch-test/route.tsx"),
  route("layups", "cloths/layups/route.tsx"),
  route("layups/new", "cloths/layup-new/route.tsx"),
  route("layups/:layupId", "cloths/layup/route.tsx"),
  route("gauge/stream", "cloths/gauge-stream/route.ts"),
];
