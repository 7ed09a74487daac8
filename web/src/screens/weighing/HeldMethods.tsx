import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";

import type { Asked, Unit, WeighAnswer } from "../../api/client";
import { read } from "../../api/reads";
import { useAtRest } from "../../parts/useAtRest";
import { Words } from "../../parts/Words";
import type { Wanted } from "./useWanted";

/** So many are held against one another at the most. */
const MOST = 3;

type Props = { unit: Unit; answer: WeighAnswer; asked: Asked; stored: string } & Pick<Wanted, "change"> & {
    /** Those that were chosen. */
    chosen: string[];
  };

/** Two or three methods held against one another: at which size, count or weight one overtakes another. */
export function HeldMethods({ unit, answer, asked, stored, chosen, change }: Props) {
  const able = answer.methods.filter(({ feasible }) => feasible);
  const held = chosen.filter((one) => able.some(({ method }) => method === one));
  const rested = useAtRest(JSON.stringify(asked));
  const choose = (methods: string[]) => change({ held: methods.length > 0 ? methods.join(" ") : null });
  const { data } = useQuery({
    ...read.held(unit.id, held, JSON.parse(rested) as Asked, stored),
    enabled: held.length > 1,
    placeholderData: keepPreviousData,
  });
  const [opened] = useState(held.length > 0);
  if (able.length < 2) return null;
  return (
    <details className="mt-3 border-t border-rule pt-1 print:hidden" open={opened}>
      <summary className="min-h-10 w-fit cursor-pointer py-2 font-semibold">
        Hold methods against one another
      </summary>
      <fieldset className="flex flex-wrap gap-x-5">
        <legend className="quiet text-sm">Two or three of them</legend>
        {able.map(({ method, title }) => (
          <label key={method} className="tick-box">
            <input
              type="checkbox"
              checked={held.includes(method)}
              disabled={held.length >= MOST && !held.includes(method)}
              onChange={({ target }) =>
                choose(target.checked ? [...held, method] : held.filter((one) => one !== method))
              }
            />
            {title}
          </label>
        ))}
      </fieldset>
      {held.length > 1 && data && (
        <dl aria-label="Where one overtakes another" className="mt-2 grid gap-y-2">
          {data.overtakes.map(({ over, title, say, spans }) => (
            <div
              key={over}
              className="grid grid-cols-[150px_220px_1fr] items-center gap-x-4 max-narrow:grid-cols-1"
            >
              <dt className="font-semibold">{title}</dt>
              <dd aria-hidden="true">
                <Spans spans={spans} order={held} />
              </dd>
              <dd>
                <Words>{say}</Words>
              </dd>
            </div>
          ))}
        </dl>
      )}
    </details>
  );
}

type SpansProps = { spans: { method: string; from: number; to: number }[]; order: string[] };

/** Which of them is first from one end to the other, each a stretch of its own pattern. */
function Spans({ spans, order }: SpansProps) {
  const [first, last] = [spans[0], spans.at(-1)];
  if (!first || !last) return null;
  const whole = last.to - first.from || 1;
  return (
    <span className="ribbon block">
      {spans.map(({ method, from }, i) => {
        const end = spans[i + 1]?.from ?? last.to;
        return (
          <span
            key={from}
            className={`ribbon-part ribbon-${order.indexOf(method)}`}
            style={{
              left: `${((from - first.from) / whole) * 100}%`,
              width: `${((end - from) / whole) * 100}%`,
            }}
          />
        );
      })}
    </span>
  );
}
