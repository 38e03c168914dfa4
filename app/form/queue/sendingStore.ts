import { browserStore, type Sending } from "./browserStore.ts";

export type { Sending };

/** The sendings of this browser, kept by it through reloads and restarts. */
export const sendingStore = {
  add: async (sending: Omit<Sending, "order">): Promise<void> =>
    void (await (await browserStore()).add("sendings", sending)),
  all: async (): Promise<Sending[]> => (await browserStore()).getAll("sendings"),
  put: async (sending: Sending): Promise<void> => void (await (await browserStore()).put("sendings", sending)),
  drop: async (key: string): Promise<void> => {
    const sending = (await sendingStore.all()).find((one) => one.key === key);
    if (sending?.order !== undefined) await (await browserStore()).delete("sendings", sending.order);
  },
};

/** A key no other sending has; also where the page came without encryption and `randomUUID` is missing. */
export const newKey = (): string =>
  [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, "0")).join("");
