import { Plus } from "lucide-react";

import type { ApiError, Fabric } from "../../api/client";
import { LengthEntry } from "../../parts/LengthEntry";
import { SettingPart } from "./SettingPart";
import { type Border, Choice, type Setting } from "./settingParts";

type Props = {
  setting: Setting;
  fabrics: Fabric[];
  error: ApiError | null;
  set: (what: Partial<Setting>) => void;
  holds: string;
  opened: boolean;
};

/** The borders, from the inside out. */
export function Borders({ setting, fabrics, error, set, holds, opened }: Props) {
  const borders = setting.borders ?? [];
  const change = (place: number, what: Partial<Border>) =>
    set({ borders: borders.map((one, i) => (i === place ? { ...one, ...what } : one)) });
  return (
    <SettingPart name="Borders, from the inside out" holds={holds} opened={opened}>
      {borders.map((border, i) => (
        <span key={i} className="col-span-full grid grid-cols-[1fr_1fr] items-end gap-x-3.5 gap-y-2">
          <LengthEntry
            id={`border-${i}`}
            label="Finished width"
            value={border.width}
            error={error?.at(`/setting/borders/${i}/width`)}
            onEnter={(width) => change(i, { width })}
            ringed
          />
          <label className="entry">
            <span>Corners</span>
            <select
              value={border.corners ?? "butted"}
              onChange={(event) => change(i, { corners: event.target.value as Border["corners"] })}
            >
              <option value="butted">butted</option>
              <option value="mitred">mitred</option>
            </select>
          </label>
          <Choice
            label="Border"
            fabrics={fabrics}
            value={border.fabric}
            onChoose={(fabric) => change(i, { fabric })}
          />
          <button
            type="button"
            className="link-button"
            onClick={() => set({ borders: borders.filter((_, j) => j !== i) })}
          >
            Remove
          </button>
        </span>
      ))}
      <button
        type="button"
        className="button gap-1.5 justify-self-start"
        onClick={() => set({ borders: [...borders, { width: "3", fabric: String(fabrics[0]?.id ?? "") }] })}
      >
        <Plus size={15} aria-hidden="true" /> Add a border
      </button>
    </SettingPart>
  );
}
