import { useId } from "react";

import type { FabricSeen, QuiltAnswer } from "../../api/client";
import { fillOf } from "../../drawing/Weaves";

type Drawing = NonNullable<QuiltAnswer["drawing"]>;
type Outlined = Drawing["filling"][number];
type Props = {
  drawing: Drawing;
  fabrics: FabricSeen[];
  size: number;
  label: string;
  /** Fabrics that are seen in place of others, by their ids. */
  instead?: Record<string, string>;
};
type Fill = (name: string | null) => string;

function points({ outline }: Outlined, scale: number): string {
  return outline.map((corner) => corner.map((one) => one * scale).join(",")).join(" ");
}

/** The whole quilt to scale, as the core lays it out. */
export function QuiltPicture({ drawing, fabrics, size, label, instead = {} }: Props) {
  const own = useId();
  const fill: Fill = (name) =>
    fillOf(fabrics.find((fabric) => String(fabric.id) === (instead[name ?? ""] ?? name)));
  const inches = drawing.borders.reduce((sum, { width: one }) => sum + one, 0);
  // Drawn in points of the screen, so that weaves are as fine here as anywhere.
  const scale = size / (Math.max(...drawing.size) + 2 * inches);
  const [width = 1, height = 1] = drawing.size.map((side) => side * scale);
  const [blockWide = 1, blockHigh = 1] = drawing.block.map((side) => side * scale);
  const round = inches * scale;
  const [wide, high] = [width + 2 * round, height + 2 * round];
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${-round} ${-round} ${wide} ${high}`}
      style={{ width: wide }}
      className="block max-w-full bg-panel"
    >
      <defs>
        <clipPath id={`${own}within`}>
          <rect width={width} height={height} />
        </clipPath>
        {drawing.blocks.map((patches, i) => (
          <g key={i} id={`${own}block-${i}`}>
            {patches.map((patch, j) => (
              <polygon
                key={j}
                points={points(patch, scale)}
                fill={fill(patch.fabric)}
                className="stroke-ink stroke-[0.4] [fill-opacity:1]"
              />
            ))}
          </g>
        ))}
      </defs>
      <Borders drawing={drawing} fill={fill} scale={scale} />
      <g clipPath={`url(#${own}within)`}>
        <rect width={width} height={height} fill={fill(drawing.ground)} />
        {drawing.filling.map((one, i) => (
          <polygon
            key={i}
            points={points(one, scale)}
            fill={fill(one.fabric)}
            className="stroke-ink stroke-[0.4] [fill-opacity:1]"
          />
        ))}
        {drawing.places.map(({ block, middle: [x = 0, y = 0], turned }, i) => (
          <use
            key={i}
            href={`#${own}block-${block}`}
            transform={`translate(${x * scale} ${y * scale}) rotate(${turned}) translate(${-blockWide / 2} ${-blockHigh / 2})`}
          />
        ))}
      </g>
    </svg>
  );
}

/** The outermost first, each with its inner edge at the one within it. */
function Borders({ drawing, fill, scale }: { drawing: Drawing; fill: Fill; scale: number }) {
  const [width = 1, height = 1] = drawing.size.map((side) => side * scale);
  const borders = drawing.borders.map((border) => ({ ...border, width: border.width * scale }));
  const reaches = borders.map((_, i) =>
    borders.slice(0, i + 1).reduce((sum, { width: one }) => sum + one, 0),
  );
  return borders.toReversed().map((border, i) => {
    const reach = reaches[borders.length - 1 - i] ?? 0;
    const corners = [
      [-reach, -reach, border.width, border.width],
      [width + reach, -reach, -border.width, border.width],
      [-reach, height + reach, border.width, -border.width],
      [width + reach, height + reach, -border.width, -border.width],
    ];
    return (
      <g key={i}>
        <rect
          x={-reach}
          y={-reach}
          width={width + 2 * reach}
          height={height + 2 * reach}
          fill={fill(border.fabric)}
          className="stroke-ink stroke-[0.4] [fill-opacity:1]"
        />
        {border.mitred &&
          corners.map(([x = 0, y = 0, across = 0, down = 0], j) => (
            <path
              key={j}
              d={`M${x} ${y}l${across} ${down}`}
              className="stroke-ink stroke-[0.4] [fill-opacity:1]"
            />
          ))}
      </g>
    );
  });
}
