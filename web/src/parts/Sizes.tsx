import { Fraction } from "./Fraction";

type Props = { length: string; className?: string };

/** A finished size, as seen in the quilt: always in a ring. */
export function FinishedSize({ length, className = "" }: Props) {
  return (
    <span className={`size-finished ${className}`}>
      <Fraction length={length} />
    </span>
  );
}

/** A cut size, with its seam allowance: always in a box. */
export function CutSize({ length, className = "" }: Props) {
  return (
    <span className={`size-cut ${className}`}>
      <Fraction length={length} />
    </span>
  );
}

const FINISHED = ["finished", "cell"];

/** A printed number as what it means: a finished size or something that is cut. */
export function PrintedNumber({
  printed,
  reads,
  className,
}: {
  printed: string;
  reads: string;
  className?: string;
}) {
  const Size = FINISHED.includes(reads) ? FinishedSize : CutSize;
  return <Size length={printed} className={className} />;
}
