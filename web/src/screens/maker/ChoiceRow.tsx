import type { Choice } from "../../api/client";
import { EntryField } from "../../parts/EntryField";
import type { Changing } from "./useChanging";

type Props = { choice: Choice; changing: Changing };

/** One way of working that is the maker's to choose. */
export function ChoiceRow({ choice, changing }: Props) {
  const choose = (value: unknown, said: string) =>
    changing.choose(choice.name, value, `${choice.title}: ${said}`);
  if (typeof choice.value === "boolean")
    return (
      <li className="grid content-start gap-0.75">
        <label className="tick-box">
          <input
            type="checkbox"
            checked={choice.value}
            onChange={(event) => choose(event.target.checked, event.target.checked ? "yes" : "no")}
          />
          {choice.title}
        </label>
        <span className="quiet text-sm">{choice.meaning}</span>
      </li>
    );
  if (!choice.options)
    return (
      <li className="grid content-start gap-0.75">
        <EntryField
          id={`choice-${choice.name}`}
          label={choice.title}
          value={String(choice.value)}
          error={changing.errorAt(`/profile/${choice.name}`)}
          onEnter={(typed) => choose(typed, typed)}
        />
        <span className="quiet text-sm">{choice.meaning}</span>
      </li>
    );
  return (
    <li className="grid content-start gap-0.75">
      <fieldset>
        <legend className="text-md font-semibold">{choice.title}</legend>
        {choice.options.map(({ value, label }) => (
          <label key={value} className="tick-box">
            <input
              type="radio"
              name={choice.name}
              checked={choice.value === value}
              onChange={() => choose(value, label)}
            />
            {label}
          </label>
        ))}
      </fieldset>
      <span className="quiet text-sm">{choice.meaning}</span>
    </li>
  );
}
