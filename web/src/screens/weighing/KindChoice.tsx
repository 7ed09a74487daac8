import { RadioGroup } from "radix-ui";

import type { Fabric, Kind } from "../../api/client";
import { UnitPicture } from "../../drawing/UnitPicture";
import { fillOf } from "../../drawing/Weaves";

type Props = {
  kinds: Kind[];
  chosen: Kind;
  onChoose: (kind: Kind) => void;
  fabricOf: (kind: Kind, role: string) => Fabric | undefined;
};

/** The kinds of unit as pictures, of the fabrics that each would be made of. */
export function KindChoice({ kinds, chosen, onChoose, fabricOf }: Props) {
  return (
    <RadioGroup.Root
      className="kinds"
      aria-label="Kind of unit"
      value={chosen.kind}
      onValueChange={(name) => {
        const kind = kinds.find((one) => one.kind === name);
        if (kind) onChoose(kind);
      }}
    >
      {kinds.map((kind) => (
        <RadioGroup.Item key={kind.kind} value={kind.kind} className="kind" aria-label={kind.title}>
          <UnitPicture
            drawing={kind.drawing}
            fillOf={(role) => fillOf(fabricOf(kind, role))}
            size={44}
            label=""
          />
          <span>{kind.title}</span>
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
