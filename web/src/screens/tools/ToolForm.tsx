import { useMutation } from "@tanstack/react-query";

import { ApiError, type Field, type ToolDocument, type ToolKind } from "../../api/client";
import { FormEnd } from "../../parts/FormEnd";
import { FieldEntry } from "../../fields/FieldEntry";
import { changed, type DraftObject } from "../../fields/written";
import { forgetDraft, useDraft } from "../../saving/useDraft";
import { ToolLook } from "./ToolLook";

/** A list that may not be empty begins with one entry to fill in. */
function first(field: Omit<Field, "name">) {
  return field.type === "list" && field.required && field.of?.type === "object" ? [{}] : undefined;
}

type Props = {
  /** The kinds to choose from; one for a tool whose kind stands. */
  kinds: ToolKind[];
  /** Which of them to begin with. */
  first?: string | null;
  /** The tool as it stands, when it is changed. */
  tool?: ToolDocument;
  does: string;
  onSave: (tool: ToolDocument) => Promise<unknown>;
};

/** A tool by what is printed on it. */
export function ToolForm({ kinds, first: begun, tool, does, onSave }: Props) {
  const draft = `tool ${tool?.id ?? "new"}`;
  const begins = kinds.find((one) => one.kind === begun) ?? kinds[0];
  const [chosen, setKind] = useDraft(draft, "kind", begins?.kind);
  const kind = kinds.find((one) => one.kind === chosen) ?? begins;
  const [typed, setTyped] = useDraft<DraftObject>(draft, "typed", tool ?? {});
  const saving = useMutation({ mutationFn: onSave, onSuccess: () => forgetDraft(draft) });
  const error = saving.error instanceof ApiError ? saving.error : null;
  if (!kind) return null;
  const own = kind.fields.filter((field) => field.name !== "id");
  // Only keys that the kind has, so that what was typed for another kind does no harm.
  const document = own.reduce<DraftObject>(
    (all, { name, ...field }) => changed(all, name, typed[name] ?? first(field)),
    {
      kind: kind.kind,
      ...(tool && { id: tool.id }),
    },
  );

  return (
    <form
      className="add-unit"
      onSubmit={(event) => {
        event.preventDefault();
        saving.mutate(document as ToolDocument);
      }}
    >
      {kinds.length > 1 && (
        <label className="entry">
          <span>Kind of tool</span>
          <select
            value={kind.kind}
            onChange={(event) => {
              setKind(event.target.value);
              saving.reset();
            }}
          >
            {kinds.map((one) => (
              <option key={one.kind} value={one.kind}>
                {one.title}
              </option>
            ))}
          </select>
        </label>
      )}
      {own.map((field) => (
        <FieldEntry
          key={`${kind.kind}/${field.name}`}
          field={field}
          value={document[field.name]}
          at={`/tool/${field.name}`}
          error={error}
          onChange={(value) => setTyped((before) => ({ ...before, [field.name]: value }))}
        />
      ))}
      <FormEnd error={error} pending={saving.isPending} does={does} onCancel={() => forgetDraft(draft)} />
      {/* Below the buttons, which stay where they are as the picture grows. */}
      <ToolLook document={document as ToolDocument} />
    </form>
  );
}
