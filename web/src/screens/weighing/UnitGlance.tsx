import type { Project, Unit } from "../../api/client";
import { UnitPicture } from "../../drawing/UnitPicture";
import { fillOf } from "../../drawing/Weaves";
import { useKinds } from "../../parts/useKinds";
import { fabricOf } from "./useWeighing";

type Props = { project: Project; unit: Unit; size: number };

/** A unit as small as it can be told from others: of its own fabrics. */
export function UnitGlance({ project, unit, size }: Props) {
  const kind = useKinds(project.measure).data?.kinds.find((one) => one.kind === unit.unit.kind);
  if (!kind) return <span style={{ width: size }} />;
  return (
    <UnitPicture
      drawing={kind.drawing}
      size={size}
      label=""
      fillOf={(role) => fillOf(fabricOf(project, unit.fabrics[role]))}
    />
  );
}
