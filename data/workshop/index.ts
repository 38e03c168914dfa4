export { type SettingRepository, settingRepository } from "./settings.ts";
