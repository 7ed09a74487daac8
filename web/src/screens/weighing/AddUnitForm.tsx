import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Dialog } from "radix-ui";
import { useState } from "react";
import { useNavigate } from "react-router";

import { api, ApiError, type Kind, type Project } from "../../api/client";
import { Notice } from "../../parts/Notice";
import { EntryField } from "./EntryField";
import { KindChoice } from "./KindChoice";
import { documentOf, fieldsOf } from "./unitFields";

type Props = { project: Project; onDone: () => void };

/** What kind of unit, what it is for, how many, how large, and of which cloth. */
export function AddUnitForm({ project, onDone }: Props) {
  const kinds = useKinds();
  if (!kinds.data)
    return kinds.error ? (
      <Notice tone="alarm">{kinds.error.message}</Notice>
    ) : (
      <Notice>Laying out the kinds of unit…</Notice>
    );
  const first = kinds.data.kinds.find((kind) => kind.kind === FIRST) ?? kinds.data.kinds[0];
  return first && <Form kinds={kinds.data.kinds} first={first} project={project} onDone={onDone} />;
}

/** They never change while the application runs. */
export function useKinds() {
  return useQuery({ queryKey: ["kinds"], queryFn: api.kinds, staleTime: Infinity });
}

const FIRST = "half_square";

function Form({ kinds, first, project, onDone }: Props & { kinds: Kind[]; first: Kind }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [kind, setKind] = useState(first);
  const [label, setLabel] = useState("");
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [chosen, setChosen] = useState<Record<string, number>>({});
  const cloth = (of: Kind, role: string) =>
    chosen[role] ?? project.cloths[of.roles.indexOf(role) % project.cloths.length]?.id;
  const adding = useMutation({
    mutationFn: () =>
      api.addUnit(project.id, {
        label,
        unit: documentOf(kind, typed),
        cloths: Object.fromEntries(kind.roles.map((role) => [role, cloth(kind, role)])),
      }),
    onSuccess: async (unit) => {
      await queries.invalidateQueries({ queryKey: ["project", String(project.id)] });
      onDone();
      await navigate(`/projects/${project.id}/units/${unit.id}`);
    },
  });
  const error = adding.error instanceof ApiError ? adding.error : null;

  return (
    <form
      className="add-unit"
      onSubmit={(event) => {
        event.preventDefault();
        adding.mutate();
      }}
    >
      <KindChoice
        kinds={kinds}
        chosen={kind}
        onChoose={(other) => {
          setKind(other);
          adding.reset();
        }}
        clothOf={(of, role) => project.cloths.find((one) => one.id === cloth(of, role))}
      />
      <EntryField
        id="add-label"
        label="What for"
        value={label}
        error={error?.at("/label")}
        onEnter={setLabel}
      />
      {fieldsOf(kind).map((field) => (
        <EntryField
          key={`${kind.kind}/${field.name}`}
          id={`add-${field.name}`}
          label={field.label}
          value={typed[field.name] ?? field.usual}
          error={error?.matching(field.pointer)}
          ringed={field.finished}
          onEnter={(text) => setTyped((before) => ({ ...before, [field.name]: text }))}
        />
      ))}
      {kind.roles.map((role) => (
        <label key={role} className="entry">
          <span>{role}</span>
          <select
            value={cloth(kind, role)}
            onChange={(event) => setChosen((before) => ({ ...before, [role]: Number(event.target.value) }))}
          >
            {project.cloths.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
      ))}
      {error && error.faults.length === 0 && (
        <p role="alert" className="field-error">
          {error.message}
        </p>
      )}
      <div className="dialog-buttons">
        <Dialog.Close className="button">Leave it</Dialog.Close>
        <button type="submit" className="button button-brass" disabled={adding.isPending}>
          Add
        </button>
      </div>
    </form>
  );
}
