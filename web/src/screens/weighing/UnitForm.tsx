import { useMutation } from "@tanstack/react-query";
import { type ReactNode } from "react";

import { ApiError, type Kind, type Project, type UnitChanges } from "../../api/client";
import { EntryField } from "../../parts/EntryField";
import { MeasureContext } from "../../parts/measures";
import { FormEnd } from "../../parts/FormEnd";
import { FieldEntry } from "../../fields/FieldEntry";
import { changed, type DraftObject } from "../../fields/written";
import { forgetDraft, useDraft } from "../../saving/useDraft";
import { KindChoice } from "./KindChoice";

/** The unit as it is filled in: what was typed, and for the rest what stood there; only keys its kind has. */
function documentOf(kind: Kind, typed: DraftObject): DraftObject {
  return kind.fields.reduce<DraftObject>(
    (document, { name }) => changed(document, name, name in typed ? typed[name] : kind.starter[name]),
    { kind: kind.kind },
  );
}

type Props = {
  project: Project;
  /** The kinds to choose from; none for a unit whose kind stands. */
  kinds: Kind[];
  /** The kind to begin with; its starter is what stands in the fields. */
  first: Kind;
  label?: string;
  fabrics?: Record<string, number | undefined>;
  /** What the button says. */
  does: string;
  onSave: (changes: UnitChanges) => Promise<unknown>;
  /** More buttons. */
  children?: ReactNode;
};

/** What a unit is for, how many, how large, and of which fabric. */
export function UnitForm({ project, kinds, first, does, onSave, children, ...given }: Props) {
  const draft = `unit ${project.id} ${kinds.length > 0 ? "new" : JSON.stringify(first.starter)}`;
  const [name, setName] = useDraft(draft, "kind", first.kind);
  const kind = kinds.find((one) => one.kind === name) ?? first;
  const [label, setLabel] = useDraft(draft, "label", given.label ?? "");
  const [typed, setTyped] = useDraft<DraftObject>(draft, "typed", {});
  const [chosen, setChosen] = useDraft(draft, "fabrics", given.fabrics ?? {});
  const fabric = (of: Kind, role: string) =>
    chosen[role] ?? project.fabrics[of.roles.indexOf(role) % project.fabrics.length]?.id;
  const saving = useMutation({
    mutationFn: () =>
      onSave({
        label: label.trim() || called,
        unit: documentOf(kind, typed),
        fabrics: Object.fromEntries(kind.roles.map((role) => [role, fabric(kind, role)])),
      }),
    onSuccess: () => forgetDraft(draft),
  });
  const error = saving.error instanceof ApiError ? saving.error : null;
  // What it is called unless she gives it a name.
  const sides = [documentOf(kind, typed).finished ?? []].flat().map(String);
  const called = `${kind.title} ${sides.join(" × ")}`.trim();

  return (
    <MeasureContext value={project.measure}>
      <form
        className="add-unit"
        onSubmit={(event) => {
          event.preventDefault();
          saving.mutate();
        }}
      >
        {kinds.length > 0 && (
          <KindChoice
            kinds={kinds}
            chosen={kind}
            onChoose={(other) => {
              setName(other.kind);
              saving.reset();
            }}
            fabricOf={(of, role) => project.fabrics.find((one) => one.id === fabric(of, role))}
          />
        )}
        <EntryField
          id="unit-label"
          className="w-full"
          label="Name"
          placeholder={called}
          value={label}
          error={error?.at("/label")}
          onEnter={setLabel}
        />
        {kind.fields.map((field) => (
          <FieldEntry
            key={`${kind.kind}/${field.name}`}
            field={field}
            value={documentOf(kind, typed)[field.name]}
            at={`/unit/${field.name}`}
            error={error}
            onChange={(value) => setTyped((before) => ({ ...before, [field.name]: value }))}
          />
        ))}
        {kind.roles.map((role) => (
          <label key={role} className="entry">
            <span>{role}</span>
            <select
              value={fabric(kind, role)}
              onChange={(event) => setChosen((before) => ({ ...before, [role]: Number(event.target.value) }))}
            >
              {project.fabrics.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
        ))}
        <FormEnd error={error} pending={saving.isPending} does={does} onCancel={() => forgetDraft(draft)}>
          {children}
        </FormEnd>
      </form>
    </MeasureContext>
  );
}
