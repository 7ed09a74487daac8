import type { ApiError, Field } from "../api/client";
import { FieldEntry } from "./FieldEntry";
import type { Draft } from "./written";

type Props = {
  field: Field;
  value: Draft;
  at: string;
  error: ApiError | null;
  onChange: (value: Draft) => void;
};

/** A list of values, each asked for by itself; more can be added, and any removed. */
export function ListEntry({ field, value, at, error, onChange }: Props) {
  const given = Array.isArray(value) ? (value as Draft[]) : [];
  const { of } = field;
  if (!of) return null;
  const empty = of.type === "object" ? {} : of.options?.[0]?.value;
  return (
    <fieldset className="entry-group">
      <legend>{field.label}</legend>
      {given.map((one, i) => (
        <div key={i} className="entry-item">
          <FieldEntry
            field={{ ...of, label: `${i + 1}`, name: String(i), required: true }}
            value={one}
            at={`${at}/${i}`}
            error={error}
            onChange={(changed) => onChange(given.map((other, place) => (place === i ? changed : other)))}
          />
          <button
            type="button"
            className="button"
            onClick={() => onChange(given.filter((_, place) => place !== i))}
          >
            Remove
          </button>
        </div>
      ))}
      <button type="button" className="button" onClick={() => onChange([...given, empty])}>
        {given.length > 0 ? "Another" : "Add one"}
      </button>
      {error?.at(at) && (
        <p role="alert" className="field-error">
          {error.at(at)}
        </p>
      )}
    </fieldset>
  );
}
