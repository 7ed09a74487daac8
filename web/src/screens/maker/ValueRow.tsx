import { useState } from "react";

import type { Parameter } from "../../api/client";
import { type Changing, pointerTo } from "./useChanging";

type Props = { parameter: Parameter; changing: Changing };

/** One value: what it means, what it is, what it rests on. What was typed stays while it cannot be used. */
export function ValueRow({ parameter, changing }: Props) {
  const [typed, setTyped] = useState<{ value: string; count: string } | null>(null);
  const shown = typed ?? {
    value: String(parameter.value),
    count: parameter.count ? String(parameter.count) : "",
  };
  const error = typed ? changing.errorAt(pointerTo(parameter)) : undefined;
  const id = `value-${parameter.name}`;
  const enter = () => {
    if (!typed || same(typed, parameter)) return setTyped(null);
    const count = typed.count.trim();
    changing.measure(
      parameter,
      { value: asNumber(typed.value), ...(count && { count: asNumber(count) }) },
      `${parameter.title} set to ${typed.value.trim()}`,
    );
  };
  // Once the server has what was typed, it is shown as the server has it.
  if (typed && same(typed, parameter)) setTyped(null);
  const keys = (event: React.KeyboardEvent) => {
    if (event.key === "Enter") enter();
    if (event.key === "Escape") setTyped(null);
  };

  return (
    <tr className="value max-phone:grid max-phone:grid-cols-[auto_1fr] max-phone:[&>td]:content-center">
      <th
        scope="row"
        className={`max-phone:col-span-full max-phone:border-0 ${parameter.basis === "measured" ? "shadow-picked" : ""}`}
      >
        <label htmlFor={id} className="font-semibold">
          {parameter.title}
        </label>
        <span className="quiet">{parameter.meaning}</span>
        {error && (
          <span id={`${id}-error`} role="alert" className="field-error">
            {error}
          </span>
        )}
      </th>
      <td>
        <input
          id={id}
          className="boxed h-8.5 w-23 px-2.5 figure text-xl tabular-nums aria-[invalid=true]:border-madder"
          inputMode="decimal"
          autoComplete="off"
          value={shown.value}
          aria-invalid={error !== undefined}
          aria-describedby={error ? `${id}-error` : undefined}
          onFocus={(event) => event.target.select()}
          onChange={(event) => setTyped({ ...shown, value: event.target.value })}
          onBlur={enter}
          onKeyDown={keys}
        />{" "}
        <span className="quiet">{UNITS[parameter.unit]}</span>
      </td>
      <td className="max-tablet:hidden">
        <input
          aria-label={`${parameter.title}: measured from how many`}
          inputMode="numeric"
          autoComplete="off"
          className="boxed h-8.5 w-17.5 px-2.5 figure text-xl tabular-nums"
          value={shown.count}
          placeholder="–"
          onFocus={(event) => event.target.select()}
          onChange={(event) => setTyped({ ...shown, count: event.target.value })}
          onBlur={enter}
          onKeyDown={keys}
        />
      </td>
      <td>
        <Basis parameter={parameter} changing={changing} />
      </td>
    </tr>
  );
}

const UNITS = { inch: "in", share: "of all cuts", second: "s" };

function Basis({ parameter, changing }: Props) {
  if (parameter.basis === "assumed") return <span className="quiet">assumed</span>;
  return (
    <>
      <b>measured</b>{" "}
      {parameter.give_or_take !== null && (
        <span className="quiet" title="One standard error: the true value is that near in two of three cases">
          ± {parameter.give_or_take}
        </span>
      )}
      <button
        type="button"
        className="link-button block text-sm font-medium"
        onClick={() => changing.measure(parameter, null, `${parameter.title} is assumed again`)}
      >
        back to {parameter.assumed}
      </button>
    </>
  );
}

function same(typed: { value: string; count: string }, parameter: Parameter): boolean {
  return (
    asNumber(typed.value) === parameter.value &&
    (typed.count.trim() === "" ? null : asNumber(typed.count)) === parameter.count
  );
}

// What is no number goes to the core as it was typed, which says what is allowed.
export function asNumber(text: string): number | string {
  const trimmed = text.trim();
  return trimmed !== "" && Number.isFinite(Number(trimmed)) ? Number(trimmed) : trimmed;
}
