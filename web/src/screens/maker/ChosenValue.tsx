import type { Parameter } from "../../api/client";
import { EntryField } from "../../parts/EntryField";
import { type Changing, pointerTo } from "./useChanging";
import { asNumber } from "./ValueRow";

type Props = { parameter: Parameter; changing: Changing };

/** A number that is hers to choose, and needs no measuring. */
export function ChosenValue({ parameter, changing }: Props) {
  return (
    <li className="grid content-start gap-0.75">
      <EntryField
        id={`choice-${parameter.name}`}
        label={`${parameter.title} by (in)`}
        value={String(parameter.value)}
        error={changing.errorAt(pointerTo(parameter))}
        onEnter={(typed) =>
          changing.measure(parameter, { value: asNumber(typed) }, `${parameter.title}: ${typed} in`)
        }
      />
      <span className="quiet text-sm">{parameter.meaning}</span>
    </li>
  );
}
