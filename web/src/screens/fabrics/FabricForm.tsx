import { useMutation } from "@tanstack/react-query";

import { ApiError, type Fabric, type FabricForm as Form, type FabricGiven } from "../../api/client";
import { FieldEntry } from "../../fields/FieldEntry";
import { changed, type DraftObject } from "../../fields/written";
import { EntryField } from "../../parts/EntryField";
import { FormEnd } from "../../parts/FormEnd";
import { forgetDraft, useDraft } from "../../saving/useDraft";

const WEAVES = ["plain", "twill", "dots", "check", "slub"] as const;

type Props = {
  forms: Form[];
  fabric?: Fabric;
  does: string;
  onSave: (given: FabricGiven) => Promise<unknown>;
};

/** A fabric: what it is called, how it looks, and in which form it is there. */
export function FabricForm({ forms, fabric, does, onSave }: Props) {
  const draft = `fabric ${fabric?.id ?? "new"}`;
  const begun = forms.find((one) => one.kind === fabric?.fabric.form) ?? forms[0];
  const [kind, setKind] = useDraft(draft, "form", begun?.kind);
  const form = forms.find((one) => one.kind === kind) ?? begun;
  const [looks, setLooks] = useDraft(draft, "looks", {
    name: fabric?.name ?? "",
    colour: fabric?.colour ?? "#7f98a6",
    weave: fabric?.weave ?? ("plain" as Fabric["weave"]),
  });
  const [typed, setTyped] = useDraft<DraftObject>(draft, "typed", fabric?.fabric ?? {});
  const saving = useMutation({ mutationFn: onSave, onSuccess: () => forgetDraft(draft) });
  const error = saving.error instanceof ApiError ? saving.error : null;
  if (!form) return null;
  // Only keys that the form has, so that what was typed for another form does no harm.
  const document = form.fields.reduce<DraftObject>((all, { name }) => changed(all, name, typed[name]), {
    form: form.kind,
  });

  return (
    <form
      className="add-unit"
      onSubmit={(event) => {
        event.preventDefault();
        saving.mutate({ ...looks, fabric: document as FabricGiven["fabric"] });
      }}
    >
      <EntryField
        id="fabric-name"
        className="w-full"
        label="Name"
        value={looks.name}
        error={error?.at("/name")}
        onEnter={(name) => setLooks({ ...looks, name })}
      />
      <label className="entry">
        <span>Colour</span>
        <input
          type="color"
          value={looks.colour}
          onChange={(event) => setLooks({ ...looks, colour: event.target.value })}
        />
      </label>
      <label className="entry">
        <span>Pattern in drawings</span>
        <select
          value={looks.weave}
          onChange={(event) => setLooks({ ...looks, weave: event.target.value as Fabric["weave"] })}
        >
          {WEAVES.map((weave) => (
            <option key={weave}>{weave}</option>
          ))}
        </select>
      </label>
      <label className="entry">
        <span>Form</span>
        <select
          value={form.kind}
          onChange={(event) => {
            setKind(event.target.value);
            saving.reset();
          }}
        >
          {forms.map((one) => (
            <option key={one.kind} value={one.kind}>
              {one.title}
            </option>
          ))}
        </select>
      </label>
      {form.fields.map((field) => (
        <FieldEntry
          key={`${form.kind}/${field.name}`}
          field={field}
          value={document[field.name]}
          at={`/fabric/${field.name}`}
          error={error}
          onChange={(value) => setTyped((before) => ({ ...before, [field.name]: value }))}
        />
      ))}
      <FormEnd error={error} pending={saving.isPending} does={does} onCancel={() => forgetDraft(draft)} />
    </form>
  );
}
