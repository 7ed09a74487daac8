import { Link } from "react-router";

type Props = { basis: "assumed" | "measured" | undefined; of: "error" | "time" };

const WHAT = { error: "accuracy is", time: "minutes are" } as const;

/** Marks a figure that rests on assumptions, and leads to where they can be measured away. */
export function Assumed({ basis, of }: Props) {
  if (!basis) return null;
  const words = basis;
  return (
    <Link
      className="font-sans text-xs font-normal text-quiet underline decoration-dotted underline-offset-3 hover:text-chalk"
      to={`/hands#${of}`}
      title={`${words}: see your hands`}
      aria-label={`${WHAT[of]} ${words}: measure your hands`}
    >
      {words}
    </Link>
  );
}
