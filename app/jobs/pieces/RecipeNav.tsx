import { type PiecesId, recipeOfPieces } from "../../../core/pieces/index.ts";
import { PlaceNav } from "../../frame/PlaceNav.tsx";

/** The recipes of a style, one press apart, as a prototype was cut from them where one is looked at; none where there is but one. */
export const RecipeNav = ({ shown, ids, of }: { shown: PiecesId; ids: readonly PiecesId[]; of?: number }) =>
  ids.length < 2 ? null : (
    <PlaceNav
      label="What is drawn"
      places={ids.map((id) => ({
        to: `?draw=${id}${of === undefined ? "" : `&pieces=${of}`}`,
        label: recipeOfPieces(id).name,
        current: id === shown,
      }))}
    />
  );
