import type { Fabric, Project, Promised } from "../../api/client";
import { fillOf } from "../../drawing/Weaves";
import { Words } from "../../parts/Words";

type Props = { project: Project; promised: Record<string, Promised> };

/** Each fabric of the project: needed, on the shelf, to buy. */
export function BuyTable({ project, promised }: Props) {
  const rows = project.fabrics.flatMap((fabric) => {
    const of = promised[fabric.id];
    const own = of?.by.find(({ id }) => id === project.id);
    return of && own ? [{ fabric, of, own }] : [];
  });
  if (rows.length === 0)
    return (
      <p className="mt-2">
        Nothing is taken from the shelf yet: pick methods for the units, or set the quilt.
      </p>
    );
  return (
    <table className="values stacks mt-4">
      <thead>
        <tr>
          <th scope="col">Fabric</th>
          <th scope="col">Needed</th>
          <th scope="col">On the shelf</th>
          <th scope="col">Other projects take</th>
          <th scope="col">To buy</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ fabric, of, own }) => (
          <tr key={fabric.id} className="value">
            <th scope="row">
              <span className="flex items-center gap-3">
                <Length fabric={fabric} />
                <span className="text-lg">{fabric.name}</span>
              </span>
            </th>
            <td data-label="Needed" className="text-lg">
              <Words>{own.needed}</Words>
            </td>
            <td data-label="On the shelf">
              {of.holds ? <Words>{of.holds}</Words> : <span className="quiet">not entered</span>}
            </td>
            <td data-label="Other projects take">
              {of.by
                .filter(({ id }) => id !== project.id)
                .map(({ id, project: name, needed }) => (
                  <span key={id} className="block">
                    <Words>{needed}</Words> <span className="quiet">{name}</span>
                  </span>
                ))}
            </td>
            <td data-label="To buy" className="text-xl font-strong">
              {own.buy ? (
                <Words>{own.buy}</Words>
              ) : (
                <span className="quiet text-md">{of.holds ? "enough" : "not known"}</span>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Length({ fabric }: { fabric: Fabric }) {
  return (
    <svg width="54" height="30" aria-hidden="true" className="swatch m-0 flex-none">
      <rect width="54" height="30" fill={fillOf(fabric)} />
    </svg>
  );
}
