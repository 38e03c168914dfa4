import { data, type RouterContextProvider, redirect } from "react-router";
import { type Device, ROLES } from "../../../data/access/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { choice, group, line, reference } from "../../../formats/form/index.ts";
import { accessContext } from "../../.server/access/visitor.ts";
import { startedFrom } from "../../.server/http/answerEdit.ts";
import { asSent, conflict, found, invalid } from "../../.server/http/answers.ts";
import { qrPicture } from "../../.server/sharing/qrPicture.ts";
import { sharingContext } from "../../.server/sharing/sharingSwitch.ts";
import { conflictRow, type Fields } from "../../form/unsaved.ts";

type Context = Readonly<RouterContextProvider>;

const PAGE = "/settings/devices";

const role = choice("what the device may do", ROLES);
const readPairing = formReader(group({ role }));
const readDevice = formReader(group({ id: reference("a device"), name: line("a name for the device", 40), role }));
const readAway = formReader(group({ id: reference("a device") }));

/** Boxes of jobs are named by the identity of each. */
const JOB_BOX = /^job\.([0-9a-f]{32})$/;

const jobsTicked = (fields: Fields): string[] =>
  Object.entries(fields).flatMap(([name, value]) => {
    const identity = JOB_BOX.exec(name)?.[1];
    return identity && value === "yes" ? [identity] : [];
  });

const NO_JOBS = "Expected at least one job: a device for fittings is for chosen ones.";

/** Makes a code, which stands in this answer and nowhere else. */
export async function startPairing(fields: Fields, context: Context) {
  const read = readPairing(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const jobs = read.value.role === "fittings" ? jobsTicked(fields) : [];
  if (read.value.role === "fittings" && jobs.length === 0) return invalid(fields, { role: NO_JOBS });
  const state = context.get(sharingContext).state();
  if (!state.on)
    return invalid(fields, { role: "Expected the workshop to be shared first: a device has to reach it." });
  const { code, until } = await context.get(accessContext).pairing.start({ role: read.value.role, jobs }, new Date());
  const pictures = await Promise.all(
    state.addresses.map(async (address) => ({
      address,
      // The code stands behind “#”: browsers send that part to nobody.
      picture: await qrPicture(`${address}sign-in#${code}`),
    })),
  );
  return data({ code, until, pictures, fingerprint: state.fingerprint });
}

/** Names a device anew, or gives it another role. */
export async function changeDevice(fields: Fields, context: Context) {
  const read = readDevice(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const { id, name, role: wanted } = read.value;
  const { devices } = context.get(accessContext);
  const before: Device = found(await devices.find(id), "device");
  const jobs = wanted === "fittings" ? jobsTicked(fields) : [];
  if (wanted === "fittings" && jobs.length === 0) return invalid(fields, { role: NO_JOBS });
  const saved = await devices.change({ id, name, role: wanted, jobs, version: startedFrom(fields) });
  if (saved.saved) return redirect(PAGE);
  const theirs = found(saved.theirs ?? before, "device");
  return conflict(fields, theirs.version, [
    conflictRow(fields, "name", "Name", theirs.name),
    conflictRow(fields, "role", "May do", theirs.role),
  ]);
}

/** Sends a device away: what it asks for next is refused. */
export async function sendAway(fields: Fields, context: Context) {
  const { id } = asSent(readAway(fields));
  const { devices } = context.get(accessContext);
  found(await devices.find(id), "device");
  await devices.remove(id);
  return redirect(PAGE);
}

/** The code on the screen is good no longer. */
export async function stopPairing(context: Context) {
  await context.get(accessContext).pairing.stop();
  return redirect(PAGE);
}
