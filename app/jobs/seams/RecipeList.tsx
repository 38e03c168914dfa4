import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { type SeamRecipe, setupWords } from "../../../core/seams/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { percent } from "../../frame/units/percent.ts";

/** A recipe with the name of the job it was tried for; null where that is gone. */
export type NamedRecipe = SeamRecipe & { readonly jobName: string | null };

/** Set-ups that held in cloth of this kind: each is a place to start from, never a promise. */
export function RecipeList({ recipes, clothClass }: { recipes: readonly NamedRecipe[]; clothClass: string }) {
  return (
    <Box component="section" aria-labelledby="seam-recipes" sx={{ mb: 3 }}>
      <Typography variant="h2" id="seam-recipes" sx={{ mb: 0.5 }}>
        Recipes for it
      </Typography>
      <Typography sx={{ color: "text.secondary", mb: 1, maxWidth: 720 }}>
        {`Set-ups that held in cloth of the class “${clothClass}” in as many layers. Try it on a scrap of what you are about to sew, every time.`}
      </Typography>
      {recipes.map((recipe) => (
        <Paper key={recipe.id} component="article" sx={{ p: 1.5, mb: 1, display: "flex", gap: 2, flexWrap: "wrap" }}>
          <Box sx={{ flex: "1 1 320px", fontSize: "0.92rem" }}>
            {setupWords(recipe.setup).map((words, at) => (
              <Box key={words} sx={at === 0 ? { fontWeight: 650, fontSize: "1rem" } : { color: "text.secondary" }}>
                {words}
              </Box>
            ))}
            <Box sx={{ mt: 0.5 }}>
              {`Went ${percent(recipe.stretch)}. ${recipe.jobName ?? "A job that is gone"}, trial ${recipe.trialId}, ${formatDay(recipe.on)}.`}
              {recipe.reopenedOn ? (
                <strong>{` Open again: a seam sewn so popped, ${formatDay(recipe.reopenedOn)}.`}</strong>
              ) : null}
            </Box>
          </Box>
          <LinkButton
            to={`?recipe=${recipe.id}#new-trial`}
            variant="outlined"
            size="small"
            sx={{ alignSelf: "center" }}
          >
            Start from it
          </LinkButton>
        </Paper>
      ))}
    </Box>
  );
}
