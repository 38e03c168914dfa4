import { toString as qrOf } from "qrcode";

/** A QR picture of an address, to stand as the source of an image. */
export const qrPicture = async (address: string): Promise<string> =>
  `data:image/svg+xml;utf8,${encodeURIComponent(await qrOf(address, { type: "svg", margin: 2 }))}`;
