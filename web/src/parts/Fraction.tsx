import { spoken, takeApart } from "./lengths";

type Props = { length: string; className?: string };

/** A length set as a true stacked fraction, with a spoken form. */
export function Fraction({ length, className = "" }: Props) {
  const { sign, whole, over, under, suffix } = takeApart(length);
  return (
    <span className={`fraction ${className}`}>
      <span className="sr-only">{spoken(length)}</span>
      <span aria-hidden="true" className="inline-flex items-center gap-[0.12em] leading-none">
        {sign && "−"}
        {whole && <span>{whole}</span>}
        {over && (
          <span className="fraction-stack">
            <span>{over}</span>
            <span>{under}</span>
          </span>
        )}
        {suffix && <span className="text-[0.7em]">{suffix}</span>}
      </span>
    </span>
  );
}
