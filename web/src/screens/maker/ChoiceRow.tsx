import type { Choice } from "../../api/client";
import { EntryField } from "../weighing/EntryField";
import type { Changing } from "./useChanging";

type Props = { choice: Choice; changing: Changing };

/** What the options are called. */
const WORDS: Record<string, string> = {
  either: "whichever comes out better",
  exact: "exact, sewn scant",
  oversize: "large, then trimmed",
  aid: "by the aids I own",
  drawn_line: "draw them",
  "4": "four",
  "2": "two",
};

/** One way of working that is the maker's to choose. */
export function ChoiceRow({ choice, changing }: Props) {
  const choose = (value: unknown, words: string) =>
    changing.choose(choice.name, value, `${choice.title}: ${words}`);
  if (typeof choice.value === "boolean")
    return (
      <li>
        <label className="tick-box">
          <input
            type="checkbox"
            checked={choice.value}
            onChange={(event) => choose(event.target.checked, event.target.checked ? "yes" : "no")}
          />
          {choice.title}
        </label>
        <span className="quiet">{choice.meaning}</span>
      </li>
    );
  if (!choice.options)
    return (
      <li>
        <EntryField
          id={`choice-${choice.name}`}
          label={choice.title}
          value={String(choice.value)}
          error={changing.errorAt(`/profile/${choice.name}`)}
          onEnter={(typed) => choose(typed, typed)}
        />
        <span className="quiet">{choice.meaning}</span>
      </li>
    );
  return (
    <li>
      <fieldset>
        <legend>{choice.title}</legend>
        {choice.options.map((option) => (
          <label key={option} className="tick-box">
            <input
              type="radio"
              name={choice.name}
              checked={choice.value === option}
              onChange={() => choose(option, WORDS[String(option)] ?? String(option))}
            />
            {WORDS[String(option)] ?? option}
          </label>
        ))}
      </fieldset>
      <span className="quiet">{choice.meaning}</span>
    </li>
  );
}
