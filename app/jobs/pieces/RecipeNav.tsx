import { type PiecesId, recipeOfPieces } from "../../../core/pieces/index.ts";
import { PlaceNav } from "../../frame/PlaceNav.tsx";

/** The recipes of a style, one press apart; none where there is but one. */
export const RecipeNav = ({ shown, ids }: { shown: PiecesId; ids: readonly PiecesId[] }) =>
  ids.length < 2 ? null : (
    <PlaceNav
      label="What is drawn"
      places={ids.map((id) => ({ to: `?draw=${id}`, label: recipeOfPieces(id).name, current: id === shown }))}
    />
  );
