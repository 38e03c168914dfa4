import Typography from "@mui/material/Typography";
import {
  type Cloth,
  type ClothSettings,
  evaluateTest,
  type SwatchTest,
  stateWords,
} from "../../../core/cloth/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { PlainList } from "../../frame/PlainList.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { percent } from "../../frame/units/percent.ts";
import { useClothSettings } from "../ClothSettingsContext.tsx";

/** All tests ever made of a cloth, newest first; the newest of a new swatch counts. */
export function TestHistory({ tests, kind }: { tests: readonly SwatchTest[]; kind: Cloth["kind"] }) {
  const settings = useClothSettings();
  if (tests.length === 0) return null;
  return (
    <>
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        All tests
      </Typography>
      <PlainList
        label="All tests"
        rows={tests.map((test) => ({
          key: test.id,
          main: <TextLink to={`/tests/${test.id}`}>{formatDay(test.testedOn)}</TextLink>,
          side: `${test.direction}, ${stateWords(test)}`,
          more: words(test, kind, settings),
        }))}
      />
    </>
  );
}

function words(test: SwatchTest, kind: Cloth["kind"], settings: ClothSettings): string {
  if (test.struck !== null) return `struck out, does not count: ${test.struck}`;
  const result = evaluateTest(test, kind, settings);
  const how = [test.hand ? "by hand" : null, test.ladder ? `ladder of ${test.ladder.steps.length} steps` : null]
    .filter(Boolean)
    .join(" and ");
  if (!result.ok) return how;
  const { usable, basis, recovery } = result.value;
  const back = recovery === null ? "recovery not read" : `recovery ${percent(recovery)}`;
  return `${how}: usable ${basis === "last" ? "at least " : ""}${percent(usable)}, ${back}`;
}
