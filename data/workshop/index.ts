export { type KeptSetting, type SettingName, type SettingRepository, settingRepository } from "./settings.ts";
