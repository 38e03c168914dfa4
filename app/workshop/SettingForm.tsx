import type { ReactNode } from "react";
import { RecordForm } from "../form/RecordForm.tsx";
import type { Fields, Unsaved } from "../form/unsaved.ts";

interface SettingFormProps {
  readonly draftForm: string;
  /** What its page starts from. */
  readonly from: { readonly start: Fields; readonly version: number; readonly draft: Fields | null };
  readonly unsaved: Unsaved | undefined;
  readonly submitLabel: string;
  readonly children: ReactNode;
}

/** The form of a setting: anew once it was kept, from the version it was begun on. */
export const SettingForm = ({ draftForm, from: { start, version, draft }, ...others }: SettingFormProps) => (
  <RecordForm key={version} draftForm={draftForm} draft={draft} start={start} hidden={{ version }} {...others} />
);
