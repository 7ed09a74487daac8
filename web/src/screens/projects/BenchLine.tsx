import { useMutation, useQuery } from "@tanstack/react-query";
import { useNavigate } from "react-router";

import { askAt } from "../../api/bench";
import { api } from "../../api/client";
import { read } from "../../api/reads";

/** Whose bench this is: the demo can be put aside for her own, and brought back. */
export function BenchLine() {
  const standing = useQuery(read.start());
  const navigate = useNavigate();
  const come = useMutation({
    mutationFn: async (bench: "demo" | "own") => {
      const { maker_id: id } = await api.comeTo(bench);
      location.assign(`${askAt(id)}/projects`);
    },
  });
  if (!standing.data) return null;
  const { demo, has_own: hasOwn } = standing.data;
  return (
    <section className="whole-file" aria-label="The demo and your own">
      {demo && hasOwn && (
        <button type="button" className="button" onClick={() => come.mutate("own")}>
          Put the demo aside
        </button>
      )}
      {demo && !hasOwn && (
        <button type="button" className="button" onClick={() => void navigate("/start")}>
          Start your own
        </button>
      )}
      {!demo && (
        <button type="button" className="button" onClick={() => come.mutate("demo")}>
          Bring the demo back
        </button>
      )}
      <p className="quiet">
        {demo
          ? "This is the demo: its tools, fabric and projects are made up. What is yours is kept apart from it."
          : "This is your own bench. The demo is kept apart from it."}
      </p>
    </section>
  );
}
