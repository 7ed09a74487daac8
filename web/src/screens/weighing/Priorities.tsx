import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Slider } from "radix-ui";
import { useState } from "react";

import { api, ApiError, type Maker, type Project, type Weights } from "../../api/client";
import { Hint } from "../../parts/Hint";
import type { Wanted } from "./useWanted";

/** What a maker may set store by, as it stands on a slider. */
const COUNTS = [
  { name: "fabric", title: "Least fabric" },
  { name: "time", title: "Least time" },
  { name: "accuracy", title: "Most accurate" },
  { name: "surplus", title: "No extra units" },
  { name: "ease", title: "Easiest to learn" },
] as const;
const WORDS = ["not at all", "some", "much", "very much"];
const MOST = WORDS.length - 1;

/** In words; a weight that no slider gives is called by the nearest. */
function words(weight: number): string {
  return WORDS[Math.min(MOST, Math.round(weight))] ?? "";
}

type Props = { project: Project; wanted: Wanted };
type Keeping = { weights: Weights; undoing: boolean };

/** Sliders for what counts: the methods are put in order again as they move. */
export function Priorities({ project, wanted }: Props) {
  const weights = wanted.weights;
  const change = (name: string, weight: number) => wanted.weigh({ ...weights, [name]: weight });
  return (
    <section className="priorities" aria-label="What matters">
      <h2 id="counts">What matters</h2>
      {COUNTS.map(({ name, title }) => (
        <div key={name} className="priority">
          <span className="priority-name">
            {title} <span className="quiet">{words(weights[name])}</span>
          </span>
          <Slider.Root
            className="weight"
            min={0}
            max={MOST}
            step={1}
            value={[weights[name]]}
            onValueChange={([weight]) => weight !== undefined && change(name, weight)}
          >
            <Slider.Track className="weight-track">
              <Slider.Range className="weight-range" />
            </Slider.Track>
            <Slider.Thumb className="weight-thumb" aria-label={title} aria-valuetext={words(weights[name])} />
          </Slider.Root>
        </div>
      ))}
      <Keep project={project} wanted={wanted} />
    </section>
  );
}

/** What stands on the sliders can be kept as the maker's own, or put back to it. */
function Keep({ project, wanted }: Props) {
  const keeping = useKeeping(project, () => wanted.weigh(null));
  const clash = keeping.error instanceof ApiError && keeping.error.status === 409;
  if (!wanted.weighed)
    return (
      <span className="priorities-keep quiet">
        as saved
        {keeping.before && (
          <button type="button" className="link-button" onClick={keeping.undo}>
            Undo
          </button>
        )}
      </span>
    );
  return (
    <span className="priorities-keep">
      <Hint text="Save these for every unit">
        <button
          type="button"
          className="link-button"
          disabled={keeping.isPending}
          onClick={() => keeping.keep(wanted.weights)}
        >
          {clash ? "Save anyway" : "Save"}
        </button>
      </Hint>
      <button type="button" className="link-button" onClick={() => wanted.weigh(null)}>
        Reset
      </button>
      {keeping.isError && <span className="field-error">{keeping.error.message}</span>}
    </span>
  );
}

// What stood before can be brought back. Saved over the version that this window saw; after a clash, over what was found there.
function useKeeping(project: Project, onKept: () => void) {
  const queries = useQueryClient();
  const [before, setBefore] = useState<Weights | null>(null);
  const show = (maker: Maker) =>
    queries.setQueryData<Project>(
      ["project", String(project.id)],
      (before) =>
        before && {
          ...before,
          profile: maker.profile,
          priorities: maker.priorities,
          maker_version: maker.lock_version,
        },
    );
  const keeping = useMutation({
    mutationFn: ({ weights }: Keeping) =>
      api.changeMaker({ lock_version: project.maker_version, priorities: weights }),
    onSuccess: (maker, { undoing }) => {
      queries.setQueryData(["maker"], maker);
      setBefore(undoing ? null : project.priorities);
      show(maker);
      onKept();
    },
    onError: (error) => {
      if (error instanceof ApiError && error.current) show(error.current as Maker);
    },
  });
  return {
    ...keeping,
    before,
    keep: (weights: Weights) => keeping.mutate({ weights, undoing: false }),
    undo: () => before && keeping.mutate({ weights: before, undoing: true }),
  };
}
