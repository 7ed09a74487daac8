import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";

import { api, type Project, type Unit, type UnitChanges } from "../../api/client";
import { read } from "../../api/reads";
import { Notice } from "../../parts/Notice";
import { useKinds } from "../../parts/useKinds";
import { useSaving } from "../../saving/useSaving";
import { UnitForm } from "./UnitForm";

type Props = { project: Project; onDone: () => void };

const FIRST = "half_square";

/** A new unit of any kind. */
export function AddUnitForm({ project, onDone }: Props) {
  const kinds = useKinds(project.measure);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const saving = useSaving<Unit | null>(() => queries.invalidateQueries(read.project(project.id)));
  if (!kinds.data)
    return kinds.error ? (
      <Notice tone="alarm">{kinds.error.title}</Notice>
    ) : (
      <Notice>Laying out the kinds of unit…</Notice>
    );
  const first = kinds.data.kinds.find((kind) => kind.kind === FIRST) ?? kinds.data.kinds[0];
  const add = async (unit: UnitChanges) => {
    const added = await saving.save({
      said: (kept) => `Added ${kept?.label ?? "a unit"}`,
      over: () => null,
      save: () => api.addUnit(project.id, unit),
      steps: (kept) =>
        kept ? [{ of: "unit", id: kept.id, back: { do: "remove" }, again: { do: "back" } }] : [],
    });
    onDone();
    await navigate(`/projects/${project.id}/units/${added?.id ?? "new"}`);
  };
  return (
    first && <UnitForm project={project} kinds={kinds.data.kinds} first={first} does="Add" onSave={add} />
  );
}
