export { type AccessStore, accessFileOf, openAccess } from "./accessStore.ts";
export type { KeptBackupRule } from "./backupRule.ts";
export { type Device, IDLE_MS, type Recognised } from "./devices.ts";
export { CODE_MS, type Granted } from "./pairing.ts";
export { passphraseFault } from "./passphrase.ts";
export { isRole, ROLES, type Role } from "./role.ts";
export { type Sharing, TLS_KINDS, type TlsKind } from "./sharing.ts";
