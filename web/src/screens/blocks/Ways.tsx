import type { Apart, Fabric, Way } from "../../api/client";
import { Notice } from "../../parts/Notice";
import { FinishedSize } from "../../parts/Sizes";
import { fillOf } from "../../drawing/Weaves";
import { counted, formOf } from "../../parts/plural";
import { WayPicture } from "./BlockPicture";

type Props = {
  answer: Apart;
  /** Whether they are those of what is drawn now. */
  current: boolean;
  fabrics: Fabric[];
  /** Whether one was chosen, among these or not. */
  anyChosen: boolean;
  /** The one that was. */ chosen: Way | undefined;
  onChoose: (way: Way) => void;
  onWeigh: (way: Way) => void;
  /** What was picked for a unit of a way. */
  standing: (way: Way, place: number) => React.ReactNode;
};

/** The ways to cut a block into units, side by side, best first. */
export function Ways({ answer, current, fabrics, anyChosen, chosen, onChoose, onWeigh, standing }: Props) {
  return (
    <section aria-labelledby="ways">
      <h2 id="ways">Ways to take it apart</h2>
      <p className="quiet">
        {count(answer)}
        {answer.ways.length > 1 &&
          ` ${answer.ways.length} are here, best first: few seams, little fabric, little time, good accuracy.`}
        {anyChosen &&
          current &&
          !chosen &&
          " The way you chose is not among them; it stands until you choose another."}
      </p>
      <ol className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(260px,1fr))] gap-x-6.5 gap-y-5.5">
        {folded(answer.ways, chosen).map(({ way, place: i, like }) => (
          <li
            key={i}
            className="grid content-start gap-2 border-t-3 border-oak pt-2.5"
            aria-label={`Way ${i + 1}`}
          >
            <WayPicture
              way={way}
              grid={answer.grid}
              fabrics={fabrics}
              size={132}
              label={`Way ${i + 1}, unit by unit`}
            />
            <ul className="grid gap-1 text-md">
              {way.units.map((unit, j) => (
                <li key={j}>
                  <b>
                    {typeof unit.count === "number"
                      ? unit.count
                      : `${unit.count.left} left, ${unit.count.right} right`}
                  </b>{" "}
                  <Title unit={unit} /> <Size finished={unit.finished} />
                  <span className="ml-1.5 inline-flex gap-0.5 align-middle">
                    {Object.entries(unit.fabrics).map(([role, name]) => (
                      <svg key={role} width="14" height="14" aria-hidden="true" className="swatch">
                        <rect
                          width="14"
                          height="14"
                          fill={fillOf(fabrics.find((one) => String(one.id) === name))}
                        />
                      </svg>
                    ))}
                  </span>
                  {chosen === way && standing(way, j)}
                </li>
              ))}
            </ul>
            <p className="quiet text-sm">{way.say}</p>
            <Alike like={like} answer={answer} fabrics={fabrics} disabled={!current} onChoose={onChoose} />
            <span className="flex gap-2">
              <button
                type="button"
                className="button"
                aria-pressed={chosen === way}
                disabled={!current}
                aria-label={`${chosen === way ? "Chosen" : "Choose"}: way ${i + 1}`}
                onClick={() => onChoose(way)}
              >
                {chosen === way ? "Chosen" : "Choose"}
              </button>
              <button
                type="button"
                className={`button ${way === (chosen ?? answer.ways[0]) ? "button-brass" : ""}`}
                disabled={!current}
                aria-label={`Weigh its units: way ${i + 1}`}
                onClick={() => onWeigh(way)}
              >
                Weigh its units
              </button>
            </span>
          </li>
        ))}
      </ol>
      {answer.ways.length === 0 && <Notice>Nothing here can be cut into units.</Notice>}
    </section>
  );
}

type Placed = { way: Way; place: number };

/** Ways of the same units fold into one: the one that was chosen, or else the first. */
function folded(ways: Way[], chosen: Way | undefined) {
  const placed = ways.map((way, place) => ({ way, place }));
  const first = ({ way, place }: Placed) => way.alike?.first ?? place;
  return placed
    .filter(({ way }) => !way.alike)
    .map((head) => {
      const group = placed.filter((one) => first(one) === head.place);
      const shown = group.find(({ way }) => way === chosen) ?? head;
      return { ...shown, like: group.filter((one) => one !== shown) };
    });
}

type AlikeProps = {
  like: Placed[];
  answer: Apart;
  fabrics: Fabric[];
  disabled: boolean;
  onChoose: (way: Way) => void;
};

/** Those of the same units that lie elsewhere, each with what differs. */
function Alike({ like, answer, fabrics, disabled, onChoose }: AlikeProps) {
  if (like.length === 0) return null;
  return (
    <details className="text-sm">
      <summary className="min-h-8 w-fit cursor-pointer">
        {counted(like.length, "more way", "more ways")} with the same units
      </summary>
      <ul className="grid gap-2">
        {like.map(({ way, place }) => (
          <li key={place} className="flex items-center gap-2.5">
            <WayPicture
              way={way}
              grid={answer.grid}
              fabrics={fabrics}
              size={84}
              marked={way.alike?.pieces}
              label={`Way ${place + 1}, unit by unit`}
            />
            <span>
              {way.alike?.say ?? "The first of them."}
              <button
                type="button"
                className="link-button block"
                disabled={disabled}
                aria-label={`Choose: way ${place + 1}`}
                onClick={() => onChoose(way)}
              >
                Choose this one
              </button>
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}

function Title({ unit }: { unit: Way["units"][number] }) {
  const many = typeof unit.count !== "number" || unit.count > 1;
  return <>{(many ? unit.plural : unit.title) ?? unit.kind.replaceAll("_", " ")}</>;
}

function Size({ finished }: { finished: string | string[] }) {
  const sizes = Array.isArray(finished) ? finished : [finished];
  return (
    <>
      {sizes.map((size, i) => (
        <span key={i}>
          {i > 0 && " × "}
          <FinishedSize length={size} />
        </span>
      ))}
    </>
  );
}

function count({ ways_in_all: all }: Apart): string {
  if (typeof all !== "number") return `There are ${all.replace(/\B(?=(\d{3})+$)/g, ",")} ways.`;
  return formOf(all, "There is one way.", `There are ${counted(all, "way")}.`);
}
