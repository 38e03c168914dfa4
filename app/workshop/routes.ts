import { index, type RouteConfigEntry, route } from "@react-router/dev/routes";

/** The bench and the settings. */
export const workshopRoutes: RouteConfigEntry[] = [
  index("workshop/bench/route.tsx"),
  route("settings", "workshop/settings/route.tsx"),
  route("days", "workshop/days/route.tsx"),
  route("days/hours.csv", "workshop/hours-file/route.ts"),
  route("days/calendar.ics", "workshop/days-file/route.ts"),
  route("days/calendar/:secret", "workshop/days-feed/route.ts"),
  route("settings/days", "workshop/settings-days/route.tsx"),
  route("settings/backups", "workshop/backups/route.tsx"),
  route("settings/backups/:name", "workshop/backup/route.tsx"),
  route("settings/everything", "workshop/everything/route.ts"),
  route("machines", "workshop/machines/route.tsx"),
  route("shelf", "workshop/shelf/route.tsx"),
  route("settings/finishes", "workshop/settings-finishes/route.tsx"),
  route("settings/ease", "workshop/settings-ease/route.tsx"),
];
