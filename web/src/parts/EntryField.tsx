import { useEffect, useState } from "react";

import { isPlace, type Place } from "./places";
import { LEAVING } from "./leaving";
import { useStable } from "./useStable";

type Props = {
  id: string;
  label: string;
  value: string;
  error: string | undefined;
  onEnter: (text: string) => void;
  ringed?: boolean;
  /** Where a key goes to it. */
  place?: Place;
  /** How wide it is, where not as usual. */
  className?: string;
  /** What may be typed, in few words. */
  hint?: string;
  /** What stands for it where nothing is typed. */
  placeholder?: string;
};

/** A large number to type into. What was typed stays while it cannot be used, with what is allowed beside it. */
export function EntryField({
  id,
  label,
  value,
  error,
  onEnter,
  ringed = false,
  hint,
  placeholder,
  place,
  className = "",
}: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const [entered, setEntered] = useState<string | null>(null);
  const enter = () => {
    if (typed !== null && typed.trim() !== value) {
      onEnter(typed.trim());
      setEntered(typed.trim());
    }
    setTyped(null);
  };
  // What stands there when the page is loaded anew or closed was entered all the same.
  const leave = useStable(enter);
  useEffect(() => {
    LEAVING.forEach((leaving) => window.addEventListener(leaving, leave));
    return () => LEAVING.forEach((leaving) => window.removeEventListener(leaving, leave));
  }, [leave]);
  return (
    <span className="entry">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        ref={isPlace(place)}
        className={`${ringed ? "ringed" : "boxed"} ${className}`}
        inputMode="text"
        autoComplete="off"
        placeholder={placeholder}
        value={typed ?? (error ? entered : null) ?? value}
        aria-invalid={error !== undefined}
        aria-describedby={error ? `${id}-error` : undefined}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={enter}
        onKeyDown={(event) => {
          if (event.key === "Enter") enter();
          if (event.key === "Escape") setTyped(null);
        }}
      />
      {hint && !error && <small className="quiet text-xs">{hint}</small>}
      {error && (
        <span id={`${id}-error`} role="alert" className="field-error">
          {error.replace(/^is /, "")}
        </span>
      )}
    </span>
  );
}
