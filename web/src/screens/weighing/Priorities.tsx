import { useQueryClient } from "@tanstack/react-query";
import { Slider } from "radix-ui";
import { memo } from "react";

import { isPlace } from "../../parts/places";
import { api, type Interval, type Maker, type Project, type Turning, type Weights } from "../../api/client";
import { read } from "../../api/reads";
import { Hint } from "../../parts/Hint";
import { useKinds } from "../../parts/useKinds";
import { ClashDialog } from "../../saving/ClashDialog";
import { Unsaved } from "../../saving/SavingLine";
import { type Change, useSaving } from "../../saving/useSaving";
import { Ribbon } from "./Ribbon";
import type { Wanted } from "./useWanted";

const WORDS = ["not at all", "some", "much", "very much"];
const MOST = WORDS.length - 1;

/** In words; a weight that no slider gives is called by the nearest. */
function words(weight: number): string {
  return WORDS[Math.min(MOST, Math.round(weight))] ?? "";
}

type Props = {
  project: Project;
  /** Which method is first at each weight of each, as far as that is known. */
  turning: Record<string, Turning>;
  methods: string[];
} & Pick<Wanted, "weights" | "weighed" | "weigh">;

/** Sliders for what counts: the methods are put in order again as they move. */
export const Priorities = memo(function Priorities(props: Props) {
  const { weights, weigh, turning, methods } = props;
  const counts = useKinds(props.project.measure).data?.priorities ?? [];
  const change = (name: string, weight: number) => weigh({ ...weights, [name]: weight });
  return (
    <section
      className="flex items-center gap-5.5 pt-0 pb-1.5 max-wide:flex-wrap max-wide:gap-x-5.5 max-wide:gap-y-1.5"
      aria-label="What matters"
    >
      <h2 id="counts" className="m-0 text-md whitespace-nowrap">
        What matters
      </h2>
      {counts.map(({ name, title }, i) => (
        <div
          key={name}
          className="grid min-w-30 flex-1 gap-1.25 max-wide:max-w-53.5 max-wide:basis-41 max-tablet:basis-37.5 max-phone:max-w-none max-phone:basis-full"
        >
          <span className="text-sm font-firm whitespace-nowrap">
            {title} <span className="quiet">{words(weights[name])}</span>
          </span>
          <Slider.Root
            className="relative flex h-5 touch-none items-center"
            min={0}
            max={MOST}
            step={1}
            value={[weights[name]]}
            onValueChange={([weight]) => weight !== undefined && change(name, weight)}
          >
            <Slider.Track className="relative h-1.25 flex-1 rounded-xs border border-quiet bg-ground-deep">
              <Slider.Range className="absolute h-full bg-oak" />
            </Slider.Track>
            <Slider.Thumb
              className="thumb"
              ref={isPlace(i === 0 ? "matters" : undefined)}
              aria-label={title}
              aria-valuetext={words(weights[name])}
            />
          </Slider.Root>
          <Ribbon
            className="ribbon-thin"
            intervals={turning[name]?.intervals ?? []}
            methods={methods}
            place={(weight) => `${(weight / MOST) * 100}%`}
            to={MOST}
            now={weights[name]}
            says={(interval) => `${interval.title ?? ""} is first ${reach(interval)}`}
          />
        </div>
      ))}
      <Keep {...props} />
    </section>
  );
});

/** From which weight to which, of those that a slider gives. */
function reach({ span: [from = 0, to = MOST] = [] }: Interval): string {
  return `from ${words(Math.max(0, from))} to ${words(Math.min(MOST, to))}`;
}

/** What stands on the sliders can be kept as the maker's own, or put back to it. */
function Keep({ project, weights, weighed, weigh }: Omit<Props, "turning" | "methods">) {
  const { saving, keep } = useKeeping(project, () => weigh(null));
  return (
    <span className="flex min-w-27 gap-3 text-sm">
      {weighed ? (
        <>
          <Hint text="Save these for every unit">
            <button
              type="button"
              className="link-button"
              disabled={saving.pending}
              onClick={() => keep(weights)}
            >
              Save
            </button>
          </Hint>
          <button type="button" className="link-button" onClick={() => weigh(null)}>
            Reset
          </button>
        </>
      ) : (
        <>
          <span className="quiet">as saved</span>
        </>
      )}
      <Unsaved saving={saving} />
      <ClashDialog saving={saving} name="What matters to you" />
    </span>
  );
}

/** What a maker sets store by, with the version of what is known of her. */
type Kept = Pick<Maker, "lock_version" | "priorities" | "profile">;

// What the project knows of its maker is saved over; what stood before can be brought back.
function useKeeping(project: Project, onKept: () => void) {
  const queries = useQueryClient();
  const { queryKey: key } = read.project(project.id);
  const saving = useSaving<Kept>(({ lock_version, priorities, profile }) =>
    queries.setQueryData<Project>(
      key,
      (before) => before && { ...before, maker_version: lock_version, priorities, profile },
    ),
  );
  const kept = (weights: Weights): Change<Kept> => ({
    said: "Saved what matters",
    over: () => {
      const known = queries.getQueryData<Project>(key) ?? project;
      return { ...known, lock_version: known.maker_version };
    },
    save: ({ lock_version }) => api.changeMaker({ lock_version, priorities: weights }),
    then: onKept,
    steps: (_, { priorities }) => [
      {
        of: "hands",
        id: 0,
        back: { do: "change", with: { priorities } },
        again: { do: "change", with: { priorities: weights } },
      },
    ],
  });
  return { saving, keep: (weights: Weights) => saving.start(kept(weights)) };
}
