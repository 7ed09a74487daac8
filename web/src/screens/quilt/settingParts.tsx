import type { Fabric, KeptQuilt } from "../../api/client";

export type Setting = KeptQuilt["setting"];
export type Border = NonNullable<Setting["borders"]>[number];

/** What a person types is a number to the core where it is one; otherwise the core says what is allowed. */
export function number(text: string): unknown {
  return text.trim() !== "" && Number.isFinite(Number(text)) ? Number(text) : text;
}

type ChoiceProps = {
  label: string;
  fabrics: Fabric[];
  value: string | undefined;
  onChoose: (name: string | undefined) => void;
};

/** Which fabric a part is cut from. */
export function Choice({ label, fabrics, value, onChoose }: ChoiceProps) {
  return (
    <label className="entry">
      <span>{label}: fabric</span>
      <select value={value ?? ""} onChange={(event) => onChoose(event.target.value || undefined)}>
        <option value="">not chosen</option>
        {fabrics.map((fabric) => (
          <option key={fabric.id} value={String(fabric.id)}>
            {fabric.name}
          </option>
        ))}
      </select>
    </label>
  );
}

type FlagProps = { label: string; value: boolean; onChange: (value: boolean) => void };

/** Whether it is so. */
export function Flag({ label, value, onChange }: FlagProps) {
  return (
    <label className="entry-flag">
      <input type="checkbox" checked={value} onChange={(event) => onChange(event.target.checked)} /> {label}
    </label>
  );
}
