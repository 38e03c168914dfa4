import { type Migration, statements } from "./migration.ts";

/** Styles of the workshop that decide parts of their garments. */
export const styleParts: Migration = {
  name: "0014_style_parts",
  up: (db) => statements(db, "alter table own_styles add column parts text not null default '{}'"),
};
