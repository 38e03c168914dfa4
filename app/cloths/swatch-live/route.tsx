import { useState } from "react";
import { found, idFrom, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readWorkshopSettings } from "../../.server/read/workshopSettings.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { ClothSettingsContext } from "../ClothSettingsContext.tsx";
import type { Route } from "./+types/route.ts";
import { LiveLadder } from "./LiveLadder.tsx";
import { LiveStart } from "./LiveStart.tsx";
import type { LiveSetup } from "./liveSteps.ts";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Gauge · ${loaderData?.cloth.name ?? ""} · Stenz` },
];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const { cloths, settings } = store;
  const cloth = found(await cloths.find(idFrom(params.clothId, "cloth")), "cloth");
  return {
    cloth,
    today: today(),
    hasDevice: (await settings.find("gaugeAddress")).value !== null,
    clothSettings: (await readWorkshopSettings(store)).cloth,
  };
});

export default function LivePage({ loaderData }: Route.ComponentProps) {
  const { cloth, hasDevice } = loaderData;
  const [setup, setSetup] = useState<LiveSetup | null>(null);
  return (
    <ClothSettingsContext.Provider value={loaderData.clothSettings}>
      <PageHead
        title="Ladder with the gauge"
        above={<TextLink to={`/cloths/${cloth.id}`}>{cloth.name}</TextLink>}
        below="Load, hold 30 s, read, next load. The stand-in gauge pulls a made-up cloth, to practise on; a real gauge is named in the settings."
      />
      {setup ? (
        <LiveLadder cloth={cloth} today={loaderData.today} setup={setup} onAgain={() => setSetup(null)} />
      ) : (
        <LiveStart cloth={cloth} hasDevice={hasDevice} onStart={setSetup} />
      )}
    </ClothSettingsContext.Provider>
  );
}
