import { ok } from "../../../core/result.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { type FormSchema, group, line, orNull } from "../../../formats/form/index.ts";
import { parseGaugeAddress } from "../../.server/gauge/gaugeSource.ts";

/** Longest name of a workshop. */
const LONGEST_NAME = 80;

/** Where a gauge is read, kept as it was typed. */
const gaugeAddress: FormSchema<string> = {
  ...line("a gauge"),
  reads: (text) => {
    const address = parseGaugeAddress(text);
    return address.ok ? ok(text) : address;
  },
};

/** Reads the address of the gauge; empty for none. */
export const readGauge = formReader(group({ gaugeAddress: orNull(gaugeAddress) }));

/** Reads the name of the workshop; empty for none. */
export const readWorkshop = formReader(group({ workshopName: orNull(line("a name", LONGEST_NAME)) }));
