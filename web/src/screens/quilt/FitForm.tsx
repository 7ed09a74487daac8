import { useMutation } from "@tanstack/react-query";

import { api, ApiError, type Block, type KeptQuilt } from "../../api/client";
import { LengthEntry } from "../../parts/LengthEntry";
import { Fraction } from "../../parts/Fraction";
import { useDraft } from "../../saving/useDraft";
import { PlaceChoice } from "./Places";

type Props = {
  quilt: KeptQuilt;
  block: Block | undefined;
  /** Sets it so many across and down. */
  onFit: (across: number, down: number) => void;
};

const SIDES = ["width", "length", "drop"] as const;
const LABELS = { width: "Its width", length: "Its length", drop: "Overhang at sides and foot" };

/** What the quilt is for: a bed, a wall, a lap, or sizes of her own; it is set as many across and down as that takes. */
export function FitForm({ quilt, block, onFit }: Props) {
  const [typed, setTyped] = useDraft("fit", "typed", { width: "", length: "", drop: "0" });
  const fitting = useMutation({
    mutationFn: async () => {
      const finished = block?.picture.finished ?? "";
      const sides = Array.isArray(finished) ? finished.toReversed() : [finished, finished];
      const fit = await api.fit({ setting: quilt.setting, block: sides, ...typed });
      if (fit.across && fit.down) onFit(fit.across, fit.down);
      return fit;
    },
  });
  const error = fitting.error instanceof ApiError ? fitting.error : null;
  return (
    <details className="col-span-full">
      <summary className="min-h-8 cursor-pointer">For a bed, a wall, a lap</summary>
      <form
        className="setting-row my-1.5 grid"
        onSubmit={(event) => {
          event.preventDefault();
          fitting.mutate();
        }}
      >
        <PlaceChoice typed={typed} onChoose={setTyped} />
        {SIDES.map((side) => (
          <LengthEntry
            key={side}
            id={`fit-${side}`}
            label={LABELS[side]}
            value={typed[side]}
            error={error?.at(`/${side}`)}
            onEnter={(text) => setTyped((before) => ({ ...before, [side]: text }))}
          />
        ))}
        <button type="submit" className="button gap-1.5 justify-self-start" disabled={fitting.isPending}>
          Set the quilt for it
        </button>
      </form>
      {fitting.data && (
        <p role="status">
          {fitting.data.finished ? (
            <>
              <Fraction length={fitting.data.wanted[0] ?? ""} /> ×{" "}
              <Fraction length={fitting.data.wanted[1] ?? ""} /> wanted: {fitting.data.across} across,{" "}
              {fitting.data.down} down come to <Fraction length={fitting.data.finished[0] ?? ""} /> ×{" "}
              <Fraction length={fitting.data.finished[1] ?? ""} />.
            </>
          ) : (
            "More than a hundred blocks a side: take a larger block."
          )}
        </p>
      )}
    </details>
  );
}
