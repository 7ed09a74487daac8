import { useContext } from "react";

import type { ApiError, Field } from "../api/client";
import { EntryField } from "../parts/EntryField";
import { MeasureContext } from "../parts/measures";
import { OutlineEntry } from "./OutlineEntry";
import { PiecesEntry } from "./PiecesEntry";
import { ListEntry } from "./ListEntry";
import { changed, type Draft, isObject, readAs, writtenAs } from "./written";

type Props = {
  field: Field;
  value: Draft;
  /** Its JSON pointer in what is sent, where its faults are told. */
  at: string;
  error: ApiError | null;
  onChange: (value: Draft) => void;
};

/** Asks for one value of a document, whatever kind of value the core says it is. */
export function FieldEntry(props: Props) {
  const { field, value, onChange } = props;
  switch (field.type) {
    case "flag":
      return (
        <label className="entry entry-flag">
          <input
            type="checkbox"
            checked={(value ?? field.default) === true}
            onChange={(event) => onChange(event.target.checked)}
          />
          <span>{field.label}</span>
        </label>
      );
    case "choice":
      return <ChoiceEntry {...props} />;
    case "choices":
      return <ChoicesEntry {...props} />;
    case "outline":
      return <OutlineEntry {...props} />;
    case "lengths":
      return <Several {...props} labels={field.names ?? []} />;
    case "object":
      return <ObjectEntry {...props} fields={field.fields ?? []} />;
    case "mapping":
      return field.options ? <MappingEntry {...props} /> : <Line {...props} />;
    case "list":
      if (field.of?.type === "lengths") return <PiecesEntry {...props} />;
      return field.of && ["object", "choice"].includes(field.of.type) ? (
        <ListEntry {...props} />
      ) : (
        <Line {...props} />
      );
    default:
      return <Line {...props} />;
  }
}

/** How values are typed that are more than one number. */
const HINTS: Record<string, string> = { scale: "from 1 to 6 by 1/2; or 2, 2 1/2, 3" };

/** A value that is written on one line. */
function Line({ field, value, at, error, onChange }: Props) {
  const measure = useContext(MeasureContext);
  const under = new RegExp(`^${escaped(at)}(/|$)`);
  return (
    <EntryField
      id={`field${at.replaceAll("/", "-")}`}
      className={field.name === "name" ? "w-full" : ""}
      label={field.label}
      value={writtenAs(field, value ?? field.default, measure)}
      error={error?.matching(under)}
      ringed={field.finished ?? false}
      hint={field.meaning ?? HINTS[field.type]}
      onEnter={(text) => onChange(text === "" && !field.required ? undefined : readAs(field, text, measure))}
    />
  );
}

function ChoiceEntry({ field, value, onChange }: Props) {
  const options = field.options ?? [];
  const chosen = options.findIndex((option) => option.value === (value ?? field.default));
  return (
    <label className="entry">
      <span>{field.label}</span>
      <select value={chosen} onChange={(event) => onChange(options[Number(event.target.value)]?.value)}>
        {chosen < 0 && <option value={-1} />}
        {options.map((option, i) => (
          <option key={option.label} value={i}>
            {option.label}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Any of several, each to be ticked. */
function ChoicesEntry({ field, value, at, error, onChange }: Props) {
  // One by itself is written without a list.
  const chosen: unknown[] = Array.isArray(value) ? value : value === undefined ? [] : [value];
  const others = (one: unknown) => chosen.filter((other) => other !== one);
  return (
    <fieldset className="entry-group">
      <legend>{field.label}</legend>
      {(field.options ?? []).map((option) => (
        <label key={option.label} className="entry entry-flag">
          <input
            type="checkbox"
            checked={chosen.includes(option.value)}
            onChange={(event) =>
              onChange(event.target.checked ? [...chosen, option.value] : others(option.value))
            }
          />
          <span>{option.label}</span>
        </label>
      ))}
      {error?.at(at) && (
        <p role="alert" className="field-error">
          {error.at(at)}
        </p>
      )}
    </fieldset>
  );
}

/** A few lengths, each by what it is called. */
function Several({ field, value, at, error, onChange, labels }: Props & { labels: string[] }) {
  const given = Array.isArray(value) ? (value as Draft[]) : [];
  return labels.map((label, i) => (
    <Line
      key={label}
      field={{ ...field, type: "length", label }}
      value={given[i]}
      at={i === 0 && error?.at(at) ? at : `${at}/${i}`}
      error={error}
      onChange={(text) => onChange(labels.map((_, place) => (place === i ? text : given[place]) ?? ""))}
    />
  ));
}

function ObjectEntry({ field, value, at, error, onChange, fields }: Props & { fields: Field[] }) {
  const given = isObject(value) ? value : {};
  return (
    <fieldset className="entry-group">
      <legend>{field.label}</legend>
      {fields.map((own) => (
        <FieldEntry
          key={own.name}
          field={own}
          value={given[own.name]}
          at={`${at}/${own.name}`}
          error={error}
          onChange={(one) => onChange(changed(given, own.name, one))}
        />
      ))}
    </fieldset>
  );
}

/** One value for each of the names that there are. */
function MappingEntry({ field, value, at, error, onChange }: Props) {
  const given = isObject(value) ? value : {};
  const { of } = field;
  if (!of) return null;
  return (field.options ?? []).map((option, i) => {
    const name = String(option.value);
    return (
      <Line
        key={name}
        field={{ ...of, name, label: option.label, required: true }}
        value={given[name]}
        at={i === 0 && error?.at(at) ? at : `${at}/${name}`}
        error={error}
        onChange={(one) => onChange({ ...given, [name]: one ?? "" })}
      />
    );
  });
}

function escaped(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
}
