import type { Fabric, QuiltAnswer } from "../../api/client";
import { fillOf } from "../../drawing/Weaves";
import { Words } from "../../parts/Words";

type Props = { lines: NonNullable<QuiltAnswer["fabrics"]>; fabrics: Fabric[] };

/** Each fabric of the quilt: needed, on the shelf, to buy, and what that costs. */
export function FabricTable({ lines, fabrics }: Props) {
  if (lines.length === 0) return null;
  const priced = lines.some(({ cost }) => cost !== null);
  return (
    <table className="values stacks mt-2">
      <caption className="sr-only">What the quilt takes of each fabric</caption>
      <thead>
        <tr>
          <th scope="col">Fabric</th>
          <th scope="col">Needed</th>
          <th scope="col">On the shelf</th>
          <th scope="col">To buy</th>
          {priced && <th scope="col">Cost</th>}
        </tr>
      </thead>
      <tbody>
        {lines.map(({ fabric, needed, shelf, buy, cost }) => {
          const own = fabrics.find((one) => String(one.id) === fabric);
          return (
            <tr key={fabric} className="value">
              <th scope="row">
                <span className="flex items-center gap-2">
                  <svg width="30" height="22" aria-hidden="true" className="swatch m-0 flex-none">
                    <rect width="30" height="22" fill={fillOf(own)} />
                  </svg>
                  {own?.name ?? fabric}
                </span>
              </th>
              <td data-label="Needed">
                <Words>{needed}</Words>
              </td>
              <td data-label="On the shelf">
                {shelf ? <Words>{shelf}</Words> : <span className="quiet">not entered</span>}
              </td>
              <td data-label="To buy" className="text-lg font-strong">
                {buy ? (
                  <Words>{buy}</Words>
                ) : (
                  <span className="quiet text-md font-normal">{shelf ? "enough" : "not known"}</span>
                )}
              </td>
              {priced && <td data-label="Cost">{cost}</td>}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
