import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { styleFromOwn, styleOf, ZONE_NAMES, ZONES } from "../../../core/ease/index.ts";
import { decisionsOf, OPEN } from "../../../core/parts/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { Figure } from "../../figure/Figure.tsx";
import { CheckInput } from "../../form/CheckInput.tsx";
import { readFields } from "../../form/fields.server.ts";
import { PickInput } from "../../form/PickInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { conflictRows } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { SideBySide } from "../../frame/SideBySide.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import type { Route } from "./+types/route.ts";
import { dropField, partField, styleFields, zoneField } from "./styleFields.ts";
import { readStyle } from "./styleForm.server.ts";

const draftOf = (id: number) => draftName("style", id);

export const meta: Route.MetaFunction = ({ loaderData }) => [{ title: `${loaderData?.own.name ?? "Style"} · Stenz` }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const own = found(await store.styles.findOwn(idFrom(params.styleId, "style")), "style");
  return { own, start: styleFields(own), draft: await store.drafts.find(draftOf(own.id)) };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.styleId, "style");
  const fields = await readFields(request);
  const read = readStyle(fields);
  if (!read.ok) return invalid(fields, read.errors);
  return storeOf(context).inTransaction(async ({ styles, drafts }) => {
    const before = found(await styles.findOwn(id), "style");
    return answerEdit(await styles.save({ ...before, ...read.value, version: startedFrom(fields) }), {
      ...{ fields, drafts, draft: draftOf(id), what: "style", to: `/styles/${id}` },
      rows: (theirs) => conflictRows(fields, styleFields(theirs)),
    });
  });
});

export default function OwnStylePage({ loaderData, actionData }: Route.ComponentProps) {
  const { own, start, draft } = loaderData;
  const base = styleOf(own.basedOn);
  const style = styleFromOwn(own);
  const decisions = decisionsOf(style);
  return (
    <>
      <PageHead
        title={own.name}
        above={<TextLink to="/styles">Styles</TextLink>}
        below={`Copied from ${base.name.toLowerCase()}. Jobs in this style are planned anew; prototypes keep what they were made from.`}
      />
      <SideBySide left={1.6}>
        <RecordForm
          key={own.version}
          draftForm={draftOf(own.id)}
          draft={draft}
          start={start}
          unsaved={actionData}
          hidden={{ version: own.version }}
          submitLabel="Save"
        >
          <TextInput name="name" label="Name" required />
          <Typography variant="h3" sx={{ mb: 0.5 }}>
            Zones
          </Typography>
          <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(130px, 1fr))" }}>
            {ZONES.map((zone) => (
              <CheckInput key={zone} name={zoneField(zone)}>
                {ZONE_NAMES[zone]}
              </CheckInput>
            ))}
          </Box>
          <Typography variant="h3" sx={{ mt: 1, mb: 1 }}>
            Below the waist
          </Typography>
          <Box sx={gridStyle}>
            <TextInput name={dropField("front")} label="Front" suffix="mm" numeric />
            <TextInput name={dropField("side")} label="Side" suffix="mm" numeric />
            <TextInput name={dropField("back")} label="Back" suffix="mm" numeric />
          </Box>
          {decisions.length > 0 ? (
            <>
              <Typography variant="h3" sx={{ mt: 1, mb: 1 }}>
                Parts its garments start with
              </Typography>
              <Box sx={gridStyle}>
                {decisions.map(({ id, name, options }) => (
                  <PickInput
                    key={id}
                    name={partField(id)}
                    label={name}
                    first={OPEN}
                    choices={[
                      { value: OPEN, label: "not decided" },
                      ...options.map((option) => ({ value: option.id, label: option.name })),
                    ]}
                  />
                ))}
              </Box>
            </>
          ) : null}
          <Typography variant="h3" sx={{ mt: 1, mb: 1 }}>
            Limits
          </Typography>
          <Box sx={gridStyle}>
            <TextInput name="leastStretch" label="Least stretch round the body" suffix="%" numeric />
            <TextInput
              name="leastStretchAlong"
              label="Least stretch along it"
              suffix="%"
              numeric
              hint="Empty: none asked."
            />
            <TextInput name="mostStretch" label="Most stretch round it" suffix="%" numeric hint="Empty: no limit." />
            <TextInput name="mostShare" label="Most share of the stretch" suffix="%" numeric />
            <TextInput
              name="mostPressure"
              label="Most mean pressure"
              suffix="kPa"
              numeric
              hint="Up to 4: over that is stop."
            />
          </Box>
        </RecordForm>
        <Box sx={{ maxWidth: 260 }}>
          <Figure view="front" garment={style.zones} label="The style on the figure" maxHeight={420} />
          <Typography color="text.secondary" sx={{ fontSize: "0.9rem" }}>
            Rings that are pulled on:{" "}
            {style.pullOn.map(({ ring }) => ZONE_NAMES[ring].toLowerCase()).join(", ") || "none"}. Lengths:{" "}
            {style.lengths.map(({ name }) => name.toLowerCase()).join("; ") || "none"}.
          </Typography>
        </Box>
      </SideBySide>
    </>
  );
}

const gridStyle = { display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(200px, 1fr))", gap: 1.5 } as const;
