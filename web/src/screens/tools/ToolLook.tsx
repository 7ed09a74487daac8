import { keepPreviousData, useQuery } from "@tanstack/react-query";

import { api, type ToolDocument, type ToolReading } from "../../api/client";
import { ToolPicture } from "../../drawing/ToolPicture";
import { Words } from "../../parts/Words";

type Props = { document: ToolDocument };

/** The tool as far as it is filled in: drawn to scale, and what one of its numbers would mean, read either way. */
export function ToolLook({ document }: Props) {
  const named = { ...document, id: document.id ?? "new", name: document.name ?? "New tool" };
  const look = useQuery({
    queryKey: ["look", named],
    queryFn: ({ signal }) => api.look(named, signal),
    placeholderData: keepPreviousData,
  });
  if (!look.data)
    return (
      <p className="quiet col-span-full grid justify-items-start gap-3.5 py-2">
        As you fill it in, the tool is drawn here to scale.
      </p>
    );
  return (
    <figure className="col-span-full grid justify-items-start gap-3.5 py-2">
      {look.data.picture && (
        <ToolPicture picture={look.data.picture} size={300} label="The tool, as it is filled in" />
      )}
      {look.data.readings.map((both, i) => (
        <Readings key={i} both={both} />
      ))}
    </figure>
  );
}

function Readings({ both }: { both: ToolReading[] }) {
  const widest = Math.max(...both.flatMap(({ outline }) => outline.map(([x = 0]) => x)));
  return (
    <div className="grid gap-2 text-md">
      <p>
        <strong>Are these numbers finished sizes or strip widths?</strong> Lay your own ruler on a strip and
        see which it is:
      </p>
      {both.map((reading) => (
        <div
          key={reading.reads}
          className={
            reading.told
              ? "flex items-center gap-3.5 rounded-[3px] border-[1.5px] border-brass-deep bg-brass-pale px-2.5 py-1.5"
              : "flex items-center gap-3.5 rounded-[3px] border-[1.5px] border-rule px-2.5 py-1.5"
          }
        >
          <Patch reading={reading} scale={90 / widest} />
          <span>
            {reading.told && <strong>As you have it: </strong>}
            <Words>{reading.say}</Words>
          </span>
        </div>
      ))}
    </div>
  );
}

function Patch({ reading, scale }: { reading: ToolReading; scale: number }) {
  const high = Math.max(...reading.outline.map(([, y = 0]) => y));
  const wide = Math.max(...reading.outline.map(([x = 0]) => x));
  const place = ([x = 0, y = 0]: number[]) => `${x * scale},${(high - y) * scale}`;
  return (
    <svg
      width={wide * scale + 22}
      height={high * scale + 2}
      aria-hidden="true"
      className="block max-w-full overflow-visible"
    >
      <rect width={wide * scale + 22} height={high * scale} className="fill-ground-deep stroke-quiet" />
      <polygon
        points={reading.outline.map(place).join(" ")}
        className="fill-brass/26 stroke-brass-deep stroke-[1.6]"
      />
    </svg>
  );
}
