import type { Method } from "../../api/client";
import { CutSize, PrintedNumber } from "../../parts/Sizes";

const SHAPES: Record<string, string> = {
  square: "squares",
  rectangle: "pieces",
  strip: "strips",
  blank: "blanks",
};

/** A way's numbers in a line: what to cut, and which printed number to set. */
export function Reading({ method }: { method: Method }) {
  const [cut] = method.cuts ?? [];
  const [setting] = method.settings;
  return (
    <span className="reading">
      {cut && (
        <>
          {SHAPES[cut.shape] ?? cut.shape} cut <CutLabel shape={cut.shape} size={cut.size} />
        </>
      )}
      {setting && setting.reads !== "cut" && (
        <>
          , line <PrintedNumber printed={setting.mark} reads={setting.reads} />
        </>
      )}
    </span>
  );
}

/** A square or a strip is named by one number, anything else by two. */
export function CutLabel({ shape, size }: { shape: string; size: string[] }) {
  const numbers = shape === "square" || shape === "strip" ? size.slice(0, 1) : size;
  return numbers.map((number, i) => (
    <span key={i}>
      {i > 0 && " × "}
      <CutSize length={number} />
    </span>
  ));
}
