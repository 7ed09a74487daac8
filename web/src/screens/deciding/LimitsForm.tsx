import { useQuery } from "@tanstack/react-query";

import type { Project } from "../../api/client";
import { read } from "../../api/reads";
import { EntryField } from "../../parts/EntryField";
import { LIMITS, type Limits } from "./useLimits";

/** What the choice may not go beyond. */
export function LimitsForm({ project, limits }: { project: Project; limits: Limits }) {
  const { data: tools = [] } = useQuery(read.tools());
  const picked = project.units.filter(({ pick }) => pick);
  return (
    <section aria-labelledby="limits" className="mt-4 print:hidden">
      <h2 id="limits" className="sr-only">
        Limits
      </h2>
      <div className="flex flex-wrap items-start gap-x-6 gap-y-3">
        {LIMITS.map((limit) => (
          <EntryField
            key={limit.name}
            id={`limit-${limit.name}`}
            label={limit.label}
            value={limits.typed(limit)}
            placeholder={limit.hint}
            error={limits.wrong(limit)}
            className="w-32"
            onEnter={(text) => limits.change(limit.name, text)}
          />
        ))}
      </div>
      <div className="mt-2 flex flex-wrap gap-x-8 gap-y-1">
        <Chosen
          summary={limits.only.length ? `Only ${limits.only.length} of your tools` : "With all your tools"}
          all={tools
            .filter(({ retired }) => !retired)
            .map(({ tool }) => ({ key: tool.id ?? "", said: tool.name ?? "" }))}
          chosen={limits.only}
          onTurn={(key) => limits.turn("only", key)}
        />
        {picked.length > 0 && (
          <Chosen
            summary={limits.keep.length ? `Picks that stay: ${limits.keep.length}` : "Any pick may change"}
            all={picked.map(({ id, label, pick }) => ({
              key: String(id),
              said: `${label.replace(/^Quilt: /, "")}: ${pick?.answer.title ?? pick?.method ?? ""}`,
            }))}
            chosen={limits.keep.map(String)}
            onTurn={(key) => limits.turn("keep", key)}
          />
        )}
      </div>
    </section>
  );
}

type Choosing = {
  summary: string;
  all: { key: string; said: string }[];
  chosen: string[];
  onTurn: (key: string) => void;
};

function Chosen({ summary, all, chosen, onTurn }: Choosing) {
  return (
    <details className="min-w-60">
      <summary className="min-h-10 cursor-pointer py-2">{summary}</summary>
      <ul className="mt-1 grid gap-0.5">
        {all.map(({ key, said }) => (
          <li key={key}>
            <label className="flex min-h-10 items-center gap-2.5">
              <input
                type="checkbox"
                className="size-5 accent-chalk"
                checked={chosen.includes(key)}
                onChange={() => onTurn(key)}
              />
              {said}
            </label>
          </li>
        ))}
      </ul>
    </details>
  );
}
