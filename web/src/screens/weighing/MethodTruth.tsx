import type { Accuracy, Method } from "../../api/client";
import { inHundred, SpreadPicture } from "../../drawing/SpreadPicture";
import { Assumed } from "../../parts/Assumed";
import { useTold } from "../../parts/measures";

/** Steps that are named; what the rest add is too little to work on. */
const NAMED = 5;

/** How true the units come out, and which step to work on. */
export function MethodTruth({ method }: { method: Method }) {
  const { accuracy } = method;
  if (!accuracy) return null;
  return (
    <section className="mt-4.5 grid gap-1" aria-label="Accuracy">
      <h3 className="mb-1 text-md">
        Accuracy <Assumed basis={accuracy.basis} of="error" />
      </h3>
      <div className="grid grid-cols-[repeat(auto-fit,minmax(300px,1fr))] gap-x-6.5 gap-y-3 max-phone:grid-cols-[minmax(0,1fr)]">
        <div className="grid content-start gap-2 max-narrow:[&_svg]:max-w-full">
          <SpreadPicture accuracy={accuracy} width={330} labelled />
          <Figures accuracy={accuracy} />
        </div>
        <div className="grid content-start gap-2">
          <Parts accuracy={accuracy} />
          <Rows accuracy={accuracy} />
        </div>
      </div>
    </section>
  );
}

function Figures({ accuracy }: { accuracy: Accuracy }) {
  const told = useTold();
  return (
    <dl className="text-sm">
      {figures(accuracy, told).map(([name, figure]) => (
        <div key={name} className="grid grid-cols-[134px_1fr]">
          <dt className="text-quiet">{name}</dt>
          <dd className="tabular-nums">{figure}</dd>
        </div>
      ))}
    </dl>
  );
}

function figures(
  accuracy: Accuracy,
  { off, smallOf, limit }: ReturnType<typeof useTold>,
): [string, string][] {
  const list: [string, string][] = [
    ["Size, on average", `${off(accuracy.size_bias)} (rounding alone: ${off(accuracy.rounding)})`],
    ["Size varies by", `± ${smallOf(accuracy.size_sd)}`],
    [`Size within ${limit}`, inHundred(accuracy.within_sixteenth)],
    ["Points vary by", `± ${smallOf(accuracy.point_sd)}`],
    [`Points within ${limit}`, inHundred(accuracy.points_within_sixteenth)],
    ["Raw edges on the bias", String(accuracy.bias_edges)],
  ];
  if (accuracy.too_small_to_trim > 0.0005)
    list.push(["Too small to trim", inHundred(accuracy.too_small_to_trim)]);
  return list;
}

function Parts({ accuracy }: { accuracy: Accuracy }) {
  return (
    <table className="border-collapse justify-self-start text-sm">
      <caption className="text-left text-quiet">What makes it vary, by step</caption>
      <tbody>
        {accuracy.by_step.slice(0, NAMED).map((part) => (
          <tr key={part.step}>
            <th scope="row" className="py-0.25 pr-3 text-left font-normal">
              {part.say}
            </th>
            <td className="py-0.25 pr-3">
              <svg width="110" height="10" aria-hidden="true" className="block">
                <rect width={110 * part.share} height="10" className="fill-brass" />
              </svg>
            </td>
            <td className="py-0.25 pr-3 text-right whitespace-nowrap tabular-nums">
              {(part.share * 100).toFixed(0)} %
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Rows({ accuracy }: { accuracy: Accuracy }) {
  const { off, smallOf } = useTold();
  return (
    <p className="text-sm">
      A row of{" "}
      {accuracy.rows.map((row, i) => (
        <span key={row.units}>
          {i > 0 && "; of "}
          <b>{row.units}</b> comes out {off(row.bias)} ± {smallOf(row.sd)}
        </span>
      ))}
      .
    </p>
  );
}
