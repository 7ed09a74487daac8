import type { Fabric, QuiltAnswer } from "../../api/client";
import { QuiltPicture } from "./QuiltPicture";

type Drawn = NonNullable<QuiltAnswer["drawing"]>;
type Way = Record<string, string>;
type Props = { drawing: Drawn; fabrics: Fabric[]; ways: Way[]; onChange: (ways: Way[]) => void };

const MOST = 3;

/** The same quilt in other fabrics, side by side: each fabric that is in it may be another of the shelf. */
export function Colourways({ drawing, fabrics, ways, onChange }: Props) {
  const used = fabrics.filter(({ id }) => JSON.stringify(drawing).includes(`"${id}"`));
  const change = (place: number, from: string, to: string) =>
    onChange(ways.map((way, i) => (i === place ? { ...way, [from]: to } : way)));
  return (
    <section className="mt-6.5" aria-labelledby="colourways">
      <h2 id="colourways">In other fabrics</h2>
      <div className="flex flex-wrap items-start gap-x-7 gap-y-5">
        {ways.map((way, i) => (
          <div key={i} className="grid justify-items-start gap-2">
            <QuiltPicture
              drawing={drawing}
              fabrics={fabrics}
              instead={way}
              size={250}
              label={`Colourway ${i + 1}`}
            />
            {used.map((fabric) => (
              <label key={fabric.id} className="entry">
                <span>In place of {fabric.name}</span>
                <select
                  aria-label={`Colourway ${i + 1}: in place of ${fabric.name}`}
                  value={way[fabric.id] ?? fabric.id}
                  onChange={(event) => change(i, String(fabric.id), event.target.value)}
                >
                  {fabrics.map((other) => (
                    <option key={other.id} value={other.id}>
                      {other.name}
                    </option>
                  ))}
                </select>
              </label>
            ))}
            <button
              type="button"
              className="button"
              aria-label={`Remove colourway ${i + 1}`}
              onClick={() => onChange(ways.filter((_, place) => place !== i))}
            >
              Remove
            </button>
          </div>
        ))}
        {ways.length < MOST && (
          <button type="button" className="button" onClick={() => onChange([...ways, {}])}>
            Another colourway
          </button>
        )}
      </div>
    </section>
  );
}
