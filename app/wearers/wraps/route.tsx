import { wrapLoop } from "../../../core/torso/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { PlainList } from "../../frame/PlainList.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import type { Route } from "./+types/route.ts";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Body wraps of ${loaderData?.wearer.name ?? ""} · Stenz` },
];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wearer = found(await store.wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  const wraps = await store.wraps.ofWearer(wearer.id);
  return {
    wearer: { id: wearer.id, name: wearer.name },
    wraps: wraps.map(({ id, name, takenOn, edges }) => ({
      id,
      name,
      takenOn,
      edges: edges.length,
      loopMm: wrapLoop(edges).trunkLoop ?? null,
    })),
  };
});

export default function Wraps({ loaderData }: Route.ComponentProps) {
  const { wearer, wraps } = loaderData;
  const lengths = useLengths();
  const add = (
    <LinkButton to={`/wearers/${wearer.id}/wraps/new`} variant="contained">
      Enter a wrap
    </LinkButton>
  );
  return (
    <>
      <PageHead
        title="Body wraps"
        above={<TextLink to={`/wearers/${wearer.id}`}>{wearer.name}</TextLink>}
        below="The body wrapped in film, drawn on, cut off and flattened: its edges give girths, the trunk loop and the seams of a first draft."
        actions={wraps.length > 0 ? add : null}
      />
      {wraps.length === 0 ? (
        <EmptyState title="No body wrap yet" action={add}>
          Measure along the edges of every flattened piece, and say which girth or which part of the trunk each counts
          to. Ask before you touch, cut with blunt scissors away from the skin, and keep film off nose and mouth.
        </EmptyState>
      ) : (
        <PlainList
          label="Body wraps"
          rows={wraps.map(({ id, name, takenOn, edges, loopMm }) => ({
            key: id,
            main: <TextLink to={`/wraps/${id}`}>{name}</TextLink>,
            side: formatDay(takenOn),
            more: `${edges} edges${loopMm === null ? "" : `, trunk loop ${lengths.length(loopMm)}`}`,
          }))}
        />
      )}
    </>
  );
}
