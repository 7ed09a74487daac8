import type { Accuracy, Method } from "../../api/client";
import { inHundred, SpreadPicture } from "../../drawing/SpreadPicture";
import { Assumed } from "../../parts/Assumed";
import { useTold } from "../../parts/measures";
import { Words } from "../../parts/Words";

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
          <Figures accuracy={accuracy} words={method.true_to_size} />
        </div>
        <div className="grid content-start gap-2">
          <Parts accuracy={accuracy} />
          {method.true_to_size && (
            <ul className="text-sm" aria-label="In a row">
              {method.true_to_size.rows.map((row) => (
                <li key={row}>
                  <Words>{row}</Words>
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
    </section>
  );
}

type FiguresProps = { accuracy: Accuracy; words: Method["true_to_size"] };

/** In words; the figures that they stand for are folded away. */
function Figures({ accuracy, words }: FiguresProps) {
  const told = useTold();
  return (
    <>
      {words && <List of={inWords(accuracy, words, told)} />}
      <details>
        <summary className="min-h-8 cursor-pointer text-sm text-quiet">Exact figures</summary>
        <List of={figures(accuracy, told)} />
      </details>
    </>
  );
}

function List({ of: list }: { of: [string, string][] }) {
  return (
    <dl className="text-sm">
      {list.map(([name, figure]) => (
        <div key={name} className="grid grid-cols-[134px_1fr]">
          <dt className="text-quiet">{name}</dt>
          <dd className="tabular-nums">
            <Words>{figure}</Words>
          </dd>
        </div>
      ))}
    </dl>
  );
}

function inWords(
  accuracy: Accuracy,
  words: NonNullable<Method["true_to_size"]>,
  { limit }: ReturnType<typeof useTold>,
): [string, string][] {
  const list: [string, string][] = [
    ["Size, on average", words.size],
    ["Size varies by", words.varies],
    [`Size within ${limit}`, inHundred(accuracy.within_sixteenth)],
    ["Points vary by", words.points],
    [`Points within ${limit}`, inHundred(accuracy.points_within_sixteenth)],
    ["Raw edges on the bias", String(accuracy.bias_edges)],
  ];
  if (accuracy.too_small_to_trim > 0.0005)
    list.push(["Too small to trim", inHundred(accuracy.too_small_to_trim)]);
  return list;
}

function figures(
  accuracy: Accuracy,
  { off, smallOf, inches }: ReturnType<typeof useTold>,
): [string, string][] {
  return [
    ["Size, on average", `${off(accuracy.size_bias)}${inches}`],
    ["by rounding alone", `${off(accuracy.rounding)}${inches}`],
    ["Size varies by", `± ${smallOf(accuracy.size_sd)}${inches}`],
    ["Points vary by", `± ${smallOf(accuracy.point_sd)}${inches}`],
    ...accuracy.rows.map(({ units, bias, sd }): [string, string] => [
      `${units} in a row`,
      `${off(bias)} ± ${smallOf(sd)}${inches}`,
    ]),
  ];
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
