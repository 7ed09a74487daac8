import type { ApiError, Fabric } from "../../api/client";
import { whole } from "../../fields/written";
import { EntryField } from "../../parts/EntryField";
import { LengthEntry } from "../../parts/LengthEntry";

/** A fabric as it is told at the start: how it looks, and in which form it is there. */
export type FabricTold = {
  name: string;
  colour: string;
  weave: Fabric["weave"];
  fabric: { form: string } & Record<string, unknown>;
};

/** Forms as quilters name them, with what a document says of each. */
const FORMS: { label: string; fabric: FabricTold["fabric"] }[] = [
  { label: "yardage", fabric: { form: "yardage" } },
  { label: "a roll of 2½ strips", fabric: { form: "strips", width: "2 1/2", count: 40 } },
  { label: "charm squares, 5", fabric: { form: "squares", side: "5", count: 40 } },
  { label: "squares of 10", fabric: { form: "squares", side: "10", count: 40 } },
  { label: "fat quarters", fabric: { form: "fat_quarter", width: "20", length: "17 1/2", count: 4 } },
];

export const FIRST_FABRICS: FabricTold[] = [
  { name: "Light", colour: "#e9e4d6", weave: "plain", fabric: { form: "yardage" } },
  { name: "Dark", colour: "#34506b", weave: "twill", fabric: { form: "yardage" } },
];
const WEAVES: Fabric["weave"][] = ["dots", "check", "slub", "plain", "twill"];
const MOST = 6;

type Props = {
  fabrics: FabricTold[];
  error: ApiError | null;
  onChange: (fabrics: FabricTold[]) => void;
};

type AmountProps = {
  place: number;
  fabric: FabricTold;
  error: ApiError | null;
  onChange: (fabric: FabricTold["fabric"]) => void;
};

/** How much of it there is: a length of yardage, a number of whatever else. */
function Amount({ place, fabric: { fabric }, error, onChange }: AmountProps) {
  if (fabric.form === "yardage")
    return (
      <LengthEntry
        id={`fabric-${place}-length`}
        className="w-36 text-xl"
        label="How much"
        value={written(fabric.length)}
        error={error?.at(`/fabrics/${place}/length`)}
        hint="1 1/2 yd, 1.4 m; or leave it empty"
        onEnter={(length) => onChange(length === "" ? { form: "yardage" } : { ...fabric, length })}
      />
    );
  return (
    <EntryField
      id={`fabric-${place}-count`}
      label="How many"
      value={written(fabric.count)}
      error={error?.at(`/fabrics/${place}/count`)}
      onEnter={(count) => onChange({ ...fabric, count: whole(count) })}
    />
  );
}

function written(value: unknown): string {
  return typeof value === "string" || typeof value === "number" ? String(value) : "";
}

/** Which fabric she has: a name, a colour and a form each; more can be said of them later. */
export function FabricQuestion({ fabrics, error, onChange }: Props) {
  const change = (place: number, changes: Partial<FabricTold>) =>
    onChange(fabrics.map((one, i) => (i === place ? { ...one, ...changes } : one)));
  return (
    <section>
      <h2 className="mt-6.5">3. Which fabric do you have?</h2>
      {fabrics.map((one, i) => (
        <div key={i} className="beginning-row items-start">
          <EntryField
            id={`fabric-${i}-name`}
            className="w-55 text-xl"
            label={`Fabric ${i + 1}`}
            value={one.name}
            error={error?.at(`/fabrics/${i}/name`)}
            onEnter={(name) => change(i, { name })}
          />
          <label className="entry">
            <span>Colour</span>
            <input
              type="color"
              aria-label={`Colour of fabric ${i + 1}`}
              value={one.colour}
              onChange={(event) => change(i, { colour: event.target.value })}
            />
          </label>
          <label className="entry">
            <span>You have it as</span>
            <select
              aria-label={`Form of fabric ${i + 1}`}
              value={FORMS.findIndex(
                (form) => form.fabric.form === one.fabric.form && form.fabric.side === one.fabric.side,
              )}
              onChange={(event) =>
                change(i, { fabric: FORMS[Number(event.target.value)]?.fabric ?? one.fabric })
              }
            >
              {FORMS.map((form, place) => (
                <option key={form.label} value={place}>
                  {form.label}
                </option>
              ))}
            </select>
          </label>
          <Amount place={i} fabric={one} error={error} onChange={(fabric) => change(i, { fabric })} />
          {fabrics.length > 1 && (
            <button
              type="button"
              className="button mt-5.5"
              aria-label={`Remove fabric ${i + 1}`}
              onClick={() => onChange(fabrics.filter((_, place) => place !== i))}
            >
              Remove
            </button>
          )}
        </div>
      ))}
      {fabrics.length < MOST && (
        <button
          type="button"
          className="button"
          onClick={() =>
            onChange([
              ...fabrics,
              {
                name: `Fabric ${fabrics.length + 1}`,
                colour: "#b0885a",
                weave: WEAVES[fabrics.length % WEAVES.length] ?? "plain",
                fabric: { form: "yardage" },
              },
            ])
          }
        >
          Another fabric
        </button>
      )}
    </section>
  );
}
