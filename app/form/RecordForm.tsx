import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { type FormEvent, type ReactNode, useEffect, useMemo, useRef, useState } from "react";
import { Form, useFetcher, useNavigation } from "react-router";
import type { FieldErrors } from "../../formats/validation.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { useHydrated } from "../frame/useHydrated.ts";
import { useLostAt } from "../offline/connection.ts";
import { SENT_LATER } from "../offline/useHeldForm.ts";
import { ConflictNotice } from "./ConflictNotice.tsx";
import { FormFields, useFormFields } from "./FormFields.tsx";
import type { Fields, Unsaved } from "./unsaved.ts";
import { useDraft } from "./useDraft.ts";
import { useHeldDraft } from "./useHeldDraft.ts";
import { useTypedSince } from "./useTypedSince.ts";

interface RecordFormProps {
  /** Name under which a half-filled form is kept; null for a confirmation, of which nothing is kept. */
  readonly draftForm: string | null;
  readonly draft?: Fields | null;
  /** What the fields start from when there is no draft. */
  readonly start?: Fields;
  /** What the last attempt to save came back with. */
  readonly unsaved?: Unsaved | undefined;
  readonly submitLabel: string;
  readonly children: ReactNode;
  readonly hidden?: Readonly<Record<string, string | number>>;
  readonly action?: string;
  /** The form is not what one came to the page for: its button steps back. */
  readonly quiet?: boolean;
  /** Takes the form in place of the page's action, such as a queue that sends it when it can. */
  readonly onSend?: (form: FormData) => void;
  /** True while it is being sent that way. */
  readonly sending?: boolean;
  /** Further buttons beside the submit button. */
  readonly beside?: ReactNode;
}

/**
 * A form in which nothing is lost: kept on the server while it is typed, given back after a failed save with the
 * errors beside the fields, and set beside the other version when somebody else saved first.
 */
export function RecordForm(props: RecordFormProps) {
  const { draftForm, start = {}, unsaved, sending = false } = props;
  const under = useNavigation().state !== "idle";
  const held = useHeldDraft(draftForm, under || sending);
  const typed = useTypedSince(under || sending);
  // What this browser holds is newer: the server could not be told of it.
  const draft = held ?? props.draft ?? null;
  const values = unsaved?.fields ?? draft ?? start;
  const errors = unsaved?.errors ?? {};
  return (
    <>
      {draft && draftForm !== null && !unsaved ? <TakenUpNotice draftForm={draftForm} /> : null}
      {unsaved?.theirs ? <ConflictNotice rows={unsaved.theirs.rows} /> : null}
      <FormBody
        // Fields are the browser's own: what they start from anew is a new form; so is another version of the record.
        key={`${props.hidden?.version} ${unsaved ? JSON.stringify(unsaved) : held ? "held" : draft ? "draft" : "start"}`}
        {...props}
        typed={typed}
        draft={draft}
        values={values}
        errors={errors}
      />
    </>
  );
}

function FormBody({
  draftForm,
  draft = null,
  unsaved,
  submitLabel,
  children,
  hidden = {},
  action,
  beside,
  quiet = false,
  onSend,
  sending = false,
  typed,
  ...answered
}: RecordFormProps & { values: Fields; errors: FieldErrors; typed: ReturnType<typeof useTypedSince> }) {
  const lengths = useLengths();
  // What was typed while the answer was on its way stands, and what the answer says of it is said of older text.
  const [since] = useState(typed.since);
  const values = { ...answered.values, ...since };
  const errors = useMemo(
    () => Object.fromEntries(Object.entries(answered.errors).filter(([name]) => !(name in since))),
    [answered.errors, since],
  );
  const element = useRef<HTMLFormElement>(null);
  const keep = useDraft(draftForm);
  const hydrated = useHydrated();
  const saving = useNavigation().state === "submitting";
  const form = useFormFields({ values, errors });
  // An edit taken up again still starts from the version it was begun on, or a newer save would be overwritten unseen.
  const begunOn = unsaved?.theirs?.version ?? unsaved?.fields.version ?? draft?.version;
  const versionNow = begunOn === undefined || hidden.version === undefined ? {} : { version: begunOn };
  useEffect(() => {
    if (Object.keys(errors).length > 0) element.current?.querySelector<HTMLElement>("[aria-invalid=true]")?.focus();
  }, [errors]);
  useEffect(() => {
    // Typed into the form as it was before: this one is told of it like of a key pressed.
    if (Object.keys(since).length > 0) element.current?.dispatchEvent(new Event("input", { bubbles: true }));
  }, [since]);
  return (
    <FormFields form={form} values={values} errors={errors}>
      <Form
        method="post"
        id={form.id}
        // What is typed before the script runs would reach neither the draft nor the checks.
        inert={!hydrated}
        ref={element}
        {...(action ? { action } : {})}
        {...(onSend ? { [SENT_LATER]: "" } : {})}
        onInput={({ currentTarget }: FormEvent<HTMLFormElement>) => {
          typed.onInput(currentTarget);
          keep.onInput(currentTarget);
        }}
        onSubmit={(event: FormEvent<HTMLFormElement>) => {
          const own = event.currentTarget;
          form.onSubmit(event);
          // A row was added, removed or moved: that is kept like anything typed, once it stands in the form.
          if (event.defaultPrevented)
            return void setTimeout(() => own.dispatchEvent(new Event("input", { bubbles: true })));
          const draftUnderway = keep.onSubmit();
          typed.onSent(own);
          if (onSend) {
            event.preventDefault();
            return onSend(new FormData(own));
          }
          if (!draftUnderway) return;
          event.preventDefault();
          const { submitter } = event.nativeEvent as SubmitEvent;
          void Promise.race([draftUnderway, afterPatience()]).then(() => own.requestSubmit(submitter));
        }}
      >
        {Object.entries({ ...hidden, ...versionNow }).map(([name, value]) => (
          <input key={name} type="hidden" name={name} value={value} />
        ))}
        {errors.form ? (
          <Alert severity="error" sx={{ mb: 2 }}>
            {lengths.told(errors.form)}
          </Alert>
        ) : null}
        {children}
        <Stack direction="row" spacing={1.5} sx={{ mt: 1, flexWrap: "wrap" }}>
          <Button type="submit" variant={quiet ? "outlined" : "contained"} disabled={saving || sending}>
            {unsaved?.theirs ? "Save mine over theirs" : submitLabel}
          </Button>
          {beside}
        </Stack>
      </Form>
    </FormFields>
  );
}

/** How long a form waits for its draft before it is handed in all the same, ms. */
const PATIENCE_MS = 2000;

const afterPatience = () => new Promise<void>((resolve) => setTimeout(resolve, PATIENCE_MS));

function TakenUpNotice({ draftForm }: { draftForm: string }) {
  const fetcher = useFetcher();
  const lost = useLostAt() !== null;
  const startAfresh = () => void fetcher.submit({ draftForm, intent: "drop" }, { method: "post", action: "/drafts" });
  return (
    <Alert
      severity="info"
      icon={false}
      sx={{ mb: 2 }}
      action={
        <Button disabled={lost} onClick={startAfresh}>
          Start afresh
        </Button>
      }
    >
      Taken up where you left off: nothing of this is saved yet.
    </Alert>
  );
}
