import { createContext } from "react-router";

/** How the workshop is reached over the network now. */
export type ShareState =
  /** Not shared; with the reason where it was to be and could not. */
  | { readonly on: false; readonly fault: string | null }
  | {
      readonly on: true;
      /** Addresses to open it at, the likeliest first. */
      readonly addresses: readonly string[];
      /** Of the certificate, as browsers show it; null where nothing is kept from being overheard. */
      readonly fingerprint: string | null;
      /** The authority a device can be had to trust, where the certificate was made here: PEM, and as devices show it. */
      readonly authority: { readonly cert: string; readonly fingerprint: string } | null;
    };

/** Opens the workshop to the network and shuts it again, as it is set. */
export interface SharingSwitch {
  state(): ShareState;
  /** Follows what is set now. */
  follow(): Promise<ShareState>;
  stop(): Promise<void>;
}

/** The switch of the server that answers. */
export const sharingContext = createContext<SharingSwitch>({
  state: () => ({ on: false, fault: null }),
  follow: async () => ({ on: false, fault: null }),
  stop: async () => undefined,
});
