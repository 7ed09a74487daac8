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
      className="col-span-full grid grid-cols-[repeat(auto-fill,minmax(158px,1fr))] gap-1.5"
      aria-label="Kind of unit"
      value={chosen.kind}
      onValueChange={(name) => {
        const kind = kinds.find((one) => one.kind === name);
        if (kind) onChoose(kind);
      }}
    >
      {kinds.map((kind) => (
        <RadioGroup.Item
          key={kind.kind}
          value={kind.kind}
          className="flex min-h-14.5 items-center gap-2.5 rounded-sm border-[1.5px] border-rule px-2 py-1.5 text-left text-sm leading-[1.2] data-[state=checked]:border-brass-deep data-[state=checked]:font-semibold data-[state=checked]:shadow-picked"
          aria-label={kind.title}
        >
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
