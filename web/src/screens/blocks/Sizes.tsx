import type { Ladder } from "../../api/client";
import { FinishedSize } from "../../parts/Sizes";

type Props = { ladder: Ladder; finished: string; onChoose: (block: string) => void };

const SHOWN = 15;
const NEXT_BEST = 4;

/** The sizes at which every unit falls on a mark of a tool she owns; where there are none, the nearest to that. */
export function Sizes({ ladder, finished, onChoose }: Props) {
  const good = ladder.filter((step) => step.all_on_marks);
  const shown = good.length > 0 ? good.slice(0, SHOWN) : ladder.slice(0, NEXT_BEST);
  return (
    <section aria-labelledby="sizes">
      <h2 id="sizes">Sizes your tools like</h2>
      <p className="quiet">
        {good.length > 0
          ? "At these finished widths every unit falls on a mark of a tool in your drawer."
          : "At no size every unit falls on a mark; at these most do."}
      </p>
      <ul className="block-sizes">
        {shown.map((step) => (
          <li key={step.block}>
            <button
              type="button"
              className="button"
              aria-pressed={step.block === finished}
              onClick={() => onChoose(step.block)}
            >
              <span className="sr-only">Finish the block at </span>
              <FinishedSize length={step.block} className="plain" />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
