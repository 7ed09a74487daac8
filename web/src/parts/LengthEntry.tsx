import { useContext } from "react";

import type { Measure } from "../api/client";
import { EntryField } from "./EntryField";
import { MeasureContext, parted, shown, told } from "./measures";

type Props = Parameters<typeof EntryField>[0] & {
  /** What a bare number means, where that is not the measure of the page. */
  measure?: Measure;
  /** Several lengths, one after another. */
  several?: boolean;
};

/** A length to type into: a bare number is in the measure of the project. */
export function LengthEntry({ measure: own, several = false, ...field }: Props) {
  const measure = useContext(MeasureContext);
  const meant = own ?? measure;
  const read = (text: string) =>
    several
      ? parted(text, meant)
          .map((one) => told(one, meant))
          .join("; ")
      : told(text, meant);
  return (
    <EntryField {...field} value={shown(field.value, meant)} onEnter={(text) => field.onEnter(read(text))} />
  );
}
