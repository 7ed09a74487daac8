import { useMutation, useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";

import { api, ApiError, type Learnt } from "../../api/client";
import { read } from "../../api/reads";
import { LengthEntry } from "../../parts/LengthEntry";
import { Words } from "../../parts/Words";
import type { Changing } from "./useChanging";

/** Two tests that teach most: how deep her seams are, and how true she cuts by a ruler. */
export function Tests({ changing }: { changing: Changing }) {
  return (
    <section aria-labelledby="tests">
      <h2 id="tests">Measure your own</h2>
      <div className="grid grid-cols-[repeat(auto-fit,minmax(min(360px,100%),1fr))] gap-x-10 gap-y-5">
        <SeamTest changing={changing} />
        <RulerTest changing={changing} />
      </div>
    </section>
  );
}

/** Readings one after another. */
function readings(text: string): string[] {
  return text
    .split(";")
    .map((one) => one.trim())
    .filter((one) => one !== "");
}

function SeamTest({ changing }: { changing: Changing }) {
  const [middle, setMiddle] = useState("");
  return (
    <Test
      title="Seam test"
      measured={{ test: "three_strips", middle: readings(middle) }}
      changing={changing}
      said="Seam test"
      ask={(error) => (
        <LengthEntry
          id="test-middle"
          className="w-65 text-xl"
          several
          label="The middle strip measures"
          value={middle}
          error={error}
          hint="one reading a test: 1, 63/64, 1 1/64"
          onEnter={setMiddle}
        />
      )}
    >
      Sew three strips of <Words>1 1/2</Words> side by side, press, and measure the middle one: it is 1 when
      seam, fold and thread take a quarter on either side.
    </Test>
  );
}

function RulerTest({ changing }: { changing: Changing }) {
  const tools = (useQuery(read.tools()).data ?? []).filter(
    ({ tool, retired }) => tool.kind === "straight_ruler" && !retired,
  );
  const [chosen, setChosen] = useState<string | null>(null);
  const [wanted, setWanted] = useState("2 1/2");
  const [found, setFound] = useState("");
  return (
    <Test
      title="Ruler test"
      measured={{ test: "strips", tool: chosen ?? tools[0]?.tool.id, wanted, found: readings(found) }}
      changing={changing}
      said="Ruler test"
      ask={(error) => (
        <>
          <label className="entry">
            <span>Ruler</span>
            <select
              value={chosen ?? tools[0]?.tool.id ?? ""}
              onChange={(event) => setChosen(event.target.value)}
            >
              {tools.map(({ tool }) => (
                <option key={tool.id} value={tool.id}>
                  {tool.name}
                </option>
              ))}
            </select>
          </label>
          <LengthEntry
            id="test-wanted"
            label="Width cut"
            value={wanted}
            error={undefined}
            onEnter={setWanted}
          />
          <LengthEntry
            id="test-found"
            className="w-65 text-xl"
            several
            label="The strips measure"
            value={found}
            error={error}
            hint="2 1/2, 2 33/64, 2 31/64"
            onEnter={setFound}
          />
        </>
      )}
    >
      Cut ten strips of one width with one ruler, and measure each.
    </Test>
  );
}

type TestProps = {
  title: string;
  measured: unknown;
  changing: Changing;
  said: string;
  ask: (error: string | undefined) => ReactNode;
  children: ReactNode;
};

/** A test: what to do, its readings, what they would change, and keeping that. */
function Test({ title, measured, changing, said, ask, children }: TestProps) {
  const learning = useMutation({ mutationFn: () => api.learn([measured]) });
  const error = learning.error instanceof ApiError ? learning.error : null;
  return (
    <form
      className="grid content-start justify-items-start gap-2 border-t-3 border-oak pt-2"
      aria-label={title}
      onSubmit={(event) => {
        event.preventDefault();
        learning.mutate();
      }}
    >
      <h3>{title}</h3>
      <p>{children}</p>
      <div className="beginning-row items-start">{ask(error?.faults[0]?.message ?? error?.message)}</div>
      <button type="submit" className="button" disabled={learning.isPending}>
        What does it say?
      </button>
      {learning.data && (
        <Says
          learnt={learning.data}
          onKeep={() => {
            changing.learn(learning.data.maker, said);
            learning.reset();
          }}
        />
      )}
    </form>
  );
}

function Says({ learnt, onKeep }: { learnt: Learnt; onKeep: () => void }) {
  return (
    <div role="status" className="grid justify-items-start gap-2">
      <ul className="list-disc pl-4.5">
        {learnt.moved.map(({ value, say }) => (
          <li key={value}>{say}</li>
        ))}
      </ul>
      <p className="quiet">
        Until you have measured more than four times, what was assumed has the larger say.
      </p>
      <button type="button" className="button button-brass" onClick={onKeep}>
        Save
      </button>
    </div>
  );
}
