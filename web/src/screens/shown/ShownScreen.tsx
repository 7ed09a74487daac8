import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";

import type { ShownProject } from "../../api/client";
import { read } from "../../api/reads";
import { fillOf, Weaves } from "../../drawing/Weaves";
import { CopyLink } from "../../parts/CopyLink";
import { Heading } from "../../parts/Heading";
import { PlainHead } from "../../parts/head/PlainHead";
import { Notice } from "../../parts/Notice";
import { useTitle } from "../../parts/useTitle";
import { FinishedSize } from "../../parts/Sizes";
import { Words } from "../../parts/Words";
import { QuiltPicture } from "../quilt/QuiltPicture";

/** A project as others see it by its link: to look at. */
export function ShownScreen() {
  const { word = "" } = useParams();
  const shown = useQuery(read.shown(word));
  useTitle(shown.data?.name ?? "A project");
  if (!shown.data)
    return (
      <main className="middle">
        <Notice>{shown.error?.title ?? "Opening the project…"}</Notice>
      </main>
    );
  const { name, quilt, units, fabrics } = shown.data;
  return (
    <>
      <PlainHead />
      <main className="mx-auto max-w-275 px-5 py-6">
        <Weaves fabrics={fabrics} />
        <Heading>{name}</Heading>
        <div className="mt-3 flex flex-wrap gap-x-11 gap-y-5">
          {quilt?.drawing && (
            <section aria-label="The quilt">
              <QuiltPicture
                drawing={quilt.drawing}
                fabrics={fabrics}
                size={460}
                label={`The quilt, ${quilt.finished.join(" by ")}`}
              />
              <p className="mt-2">
                Finished <Sides lengths={quilt.finished} />, {quilt.blocks} blocks
              </p>
            </section>
          )}
          <section aria-labelledby="shown-units">
            <h2 className="m-0" id="shown-units">
              Units
            </h2>
            <ul className="grid gap-1 text-md">
              {units.map((unit, i) => (
                <Unit key={i} unit={unit} fabrics={fabrics} />
              ))}
            </ul>
            <p className="quiet mt-2">You see this by a link; it cannot be changed here.</p>
            <CopyLink link={location.href} />
          </section>
        </div>
      </main>
    </>
  );
}

type UnitProps = { unit: ShownProject["units"][number]; fabrics: ShownProject["fabrics"] };

function Unit({ unit: { label, title, unit, fabrics: held, method }, fabrics }: UnitProps) {
  const { count } = unit;
  // A name that says what it is need not be told so once more.
  const says = label.toLowerCase().includes(title.toLowerCase());
  return (
    <li>
      <b>{typeof count === "number" ? count : `${count.left} left, ${count.right} right`}</b>{" "}
      {says ? (
        <Words>{label.replace(/^Quilt: /, "")}</Words>
      ) : (
        <>
          {label}: {title} <Sides lengths={[unit.finished ?? []].flat()} />
        </>
      )}
      <span className="ml-1.5 inline-flex gap-0.5 align-middle">
        {Object.values(held).map((id, i) => (
          <svg key={i} width="14" height="14" aria-hidden="true" className="swatch">
            <rect width="14" height="14" fill={fillOf(fabrics.find((fabric) => fabric.id === id))} />
          </svg>
        ))}
      </span>
      <span className="quiet">{method ?? "not picked yet"}</span>
    </li>
  );
}

function Sides({ lengths }: { lengths: string[] }) {
  return lengths.map((length, i) => (
    <span key={i}>
      {i > 0 && " × "}
      <FinishedSize length={length} />
    </span>
  ));
}
