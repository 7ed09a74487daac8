import type { Choice } from "../../api/client";
import { EntryField } from "../../parts/EntryField";
import type { Changing } from "./useChanging";

type Props = { choice: Choice; changing: Changing };

/** What the options are called; some are called otherwise in one choice than in another. */
const WORDS: Record<string, string> = {
  either: "whichever comes out better",
  "numbers/either": "whichever is easier to find",
  exact: "exact, sewn scant",
  oversize: "large, then trimmed",
  narrow: "exact, sewn narrow, then trimmed",
  aid: "by the aids I own",
  drawn_line: "draw them",
  to_side: "to one side, so that they nest",
  open: "open",
  goose: "the goose",
  sky: "the sky",
  finished: "finished sizes",
  strip: "strip widths",
  "4": "four",
  "2": "two",
};

function words(choice: Choice, option: string | number): string {
  return WORDS[`${choice.name}/${option}`] ?? WORDS[String(option)] ?? String(option);
}

/** One way of working that is the maker's to choose. */
export function ChoiceRow({ choice, changing }: Props) {
  const choose = (value: unknown, said: string) =>
    changing.choose(choice.name, value, `${choice.title}: ${said}`);
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
              onChange={() => choose(option, words(choice, option))}
            />
            {words(choice, option)}
          </label>
        ))}
      </fieldset>
      <span className="quiet">{choice.meaning}</span>
    </li>
  );
}
