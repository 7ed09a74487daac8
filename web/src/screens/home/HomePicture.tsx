import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";

import type { Project } from "../../api/client";
import { read } from "../../api/reads";
import { UnitPicture } from "../../drawing/UnitPicture";
import { fillOf } from "../../drawing/Weaves";
import { FinishedSize } from "../../parts/Sizes";
import { placeOf } from "../../parts/stations";
import { QuiltPicture } from "../quilt/QuiltPicture";
import { useKeptQuilt } from "../quilt/useKeptQuilt";

/** The largest side of the picture, in points of the screen. */
const SIZE = 330;

/** The quilt as it will be; or its units, where no quilt is set. */
export function HomePicture({ project }: { project: Project }) {
  const { data, error } = useKeptQuilt(project);
  if (!project.quilt) return <UnitsDrawn project={project} />;
  if (!data?.drawing)
    return (
      <p className="quiet min-h-80">{error ? "The quilt cannot be drawn yet." : "Drawing the quilt…"}</p>
    );
  return (
    <figure className="m-0">
      <Link to={placeOf(project.id, "quilt")} className="block">
        <QuiltPicture
          drawing={data.drawing}
          fabrics={project.fabrics}
          size={SIZE}
          label={`The quilt, ${data.finished.join(" by ")}`}
        />
      </Link>
      <figcaption className="mt-2">
        Finished{" "}
        {data.finished.map((side, i) => (
          <span key={i}>
            {i > 0 && " × "}
            <FinishedSize length={side} />
          </span>
        ))}
        , {data.blocks} blocks
      </figcaption>
    </figure>
  );
}

/** Points of the screen for an inch of a unit. */
const INCH = 16;

/** All of them to one scale. */
function UnitsDrawn({ project }: { project: Project }) {
  const rows = useQuery(read.home(project.id)).data?.units ?? [];
  const drawn = rows.flatMap(({ drawing, ...row }) => (drawing ? [{ ...row, drawing }] : [])).slice(0, 24);
  return (
    <figure className="m-0">
      <div className="flex flex-wrap items-end gap-2 border border-rule bg-panel p-3">
        {drawn.length === 0 && <p className="quiet">No quilt is set, and there are no units yet.</p>}
        {drawn.map(({ id, label, drawing, fabrics }) => (
          <UnitPicture
            key={id}
            drawing={drawing}
            size={INCH * Math.max(...drawing.size)}
            label={label}
            fillOf={(role) => fillOf(project.fabrics.find((fabric) => fabric.id === fabrics[role]))}
          />
        ))}
      </div>
      <figcaption className="mt-2">
        <Link to={placeOf(project.id, "quilt")} className="underline">
          Set a quilt from your blocks
        </Link>
      </figcaption>
    </figure>
  );
}
