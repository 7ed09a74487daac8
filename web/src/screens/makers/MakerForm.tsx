import { useMutation } from "@tanstack/react-query";

import { ApiError, type MakerGiven } from "../../api/client";
import { EntryField } from "../../parts/EntryField";
import { FormEnd } from "../../parts/FormEnd";
import { forgetDraft, useDraft } from "../../saving/useDraft";

type Props = { given?: MakerGiven; does: string; onSave: (given: MakerGiven) => Promise<unknown> };

/** What a maker is called. */
export function MakerForm({ given = { name: "" }, does, onSave }: Props) {
  const draft = `maker ${given.name || "new"}`;
  const [name, setName] = useDraft(draft, "name", given.name);
  const saving = useMutation({ mutationFn: () => onSave({ name }), onSuccess: () => forgetDraft(draft) });
  const error = saving.error instanceof ApiError ? saving.error : null;
  return (
    <form
      className="add-unit"
      onSubmit={(event) => {
        event.preventDefault();
        saving.mutate();
      }}
    >
      <EntryField
        id="maker-name"
        className="w-full"
        label="Name"
        value={name}
        error={error?.at("/name")}
        onEnter={setName}
      />
      <FormEnd error={error} pending={saving.isPending} does={does} onCancel={() => forgetDraft(draft)} />
    </form>
  );
}
