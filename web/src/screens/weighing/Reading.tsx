import type { Method } from "../../api/client";
import { SIDES } from "./BeamRow";
import { CutSize, PrintedNumber } from "../../parts/Sizes";

type Cut = NonNullable<Method["cuts"]>[number];
type Alike = [Cut, ...Cut[]];

const SHAPES: Record<string, string> = {
  square: "squares",
  rectangle: "pieces",
  strip: "strips",
  blank: "blanks",
};

/** A way's numbers in a line: what to cut, of which fabric where that differs, and the printed numbers to set. */
export function Reading({ method }: { method: Method }) {
  const cuts = alike(method.cuts ?? []);
  const printed = method.settings.filter((setting) => setting.reads !== "cut");
  const parts = [
    ...cuts.map((same) => (
      <CutWords
        key={`${same[0].fabric} ${same[0].shape} ${same[0].size.join(" ")}`}
        cuts={same}
        alone={cuts.length === 1}
      />
    )),
    ...printed.map((setting) => (
      <LineWords
        key={`${setting.tool} ${setting.side} ${setting.mark}`}
        setting={setting}
        alone={printed.length === 1}
      />
    )),
  ];
  return (
    <span className="reading">
      {parts.map((part, i) => (
        <span key={part.key} className="reading-part">
          {part}
          {i < parts.length - 1 && <span className="sr-only">, </span>}
        </span>
      ))}
    </span>
  );
}

function CutWords({ cuts, alone }: { cuts: Alike; alone: boolean }) {
  const [{ shape, size }] = cuts;
  return (
    <>
      <span>
        {alone ? `${SHAPES[shape] ?? shape} cut` : listed([...new Set(cuts.map((cut) => cut.fabric))])}{" "}
      </span>
      <span className="whitespace-nowrap">
        <CutLabel shape={shape} size={size} />
      </span>
    </>
  );
}

/** "half, left and right" */
function listed(names: string[]): string {
  const last = names.slice(-1).join("");
  return names.length > 1 ? `${names.slice(0, -1).join(", ")} and ${last}` : last;
}

function LineWords({ setting, alone }: { setting: Method["settings"][number]; alone: boolean }) {
  const side = SIDES[setting.side ?? ""];
  return (
    <>
      <span>{!alone && side ? side : setting.reads === "letter" ? "letter" : "line"} </span>
      <PrintedNumber printed={setting.mark} reads={setting.reads} />
    </>
  );
}

/** Cuts of one shape and size, whatever fabric they are of. */
function alike(cuts: Cut[]): Alike[] {
  const groups = new Map<string, Alike>();
  for (const cut of cuts) {
    const key = `${cut.shape} ${numbers(cut.shape, cut.size).join(" ")}`;
    groups.set(key, [...(groups.get(key) ?? []), cut] as Alike);
  }
  return [...groups.values()];
}

/** A square or a strip is named by one number, anything else by two. */
function numbers(shape: string, size: string[]): string[] {
  return shape === "square" || shape === "strip" ? size.slice(0, 1) : size;
}

export function CutLabel({ shape, size }: { shape: string; size: string[] }) {
  return numbers(shape, size).map((number, i) => (
    <span key={i}>
      {i > 0 && " × "}
      <CutSize length={number} />
    </span>
  ));
}
