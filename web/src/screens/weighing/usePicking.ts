import { useState } from "react";

import type { Unit, WeighAnswer } from "../../api/client";
import { useStable } from "../../parts/useStable";
import { same } from "./unitDocument";
import type { Units } from "./useUnits";

export type Picking = {
  /** Picks a method at the size that stands now, or removes that pick, as soon as the size is weighed. */
  toggle: (method: string | null | undefined) => void;
  /** Why what was asked for last was not picked. */
  notPicked: string | null;
};

/**
 * Picking, whenever it is asked for: what is asked for while a size is being weighed is done when the answer to that size is
 * there, wherever the fence has gone to since.
 */
export function usePicking(unit: Unit, units: Units, answered: () => Promise<WeighAnswer>): Picking {
  const [notPicked, setNotPicked] = useState<string | null>(null);
  const act = (asked: string, answer: WeighAnswer) => {
    const method = answer.methods.find((one) => one.method === asked);
    if (!method) return;
    const title = method.title ?? method.method;
    if (!method.feasible) setNotPicked(`${title}. ${method.problems[0]?.say ?? ""}`);
    else if (unit.pick?.method === asked && same(unit.pick.unit, answer.unit))
      units.unpick(unit, `Removed the pick of ${unit.label}`);
    else units.pick(unit, asked, answer.unit, `Picked ${title} for ${unit.label}`);
  };
  const toggle = useStable((asked: string | null | undefined) => {
    setNotPicked(null);
    if (!asked) return;
    answered().then(
      (answer) => act(asked, answer),
      (error: Error) => setNotPicked(error.message),
    );
  });
  return { toggle, notPicked };
}
