import { ApiError, type There } from "../../api/problem";
import { formOf } from "../../parts/plural";

type Props = { error: Error | null; pending: boolean; onChoose: (there: "set" | "beside") => void };

/** Units that are to be added and are there by another name: they are not counted twice unless she says so. */
export function ThereAlready({ error, pending, onChoose }: Props) {
  const there = error instanceof ApiError ? error.there : [];
  if (there.length === 0) return null;
  return (
    <div role="alert" className="my-2 grid gap-2 border-l-4 border-brass py-1 pl-3">
      <p>
        {formOf(there.length, "This unit is", "These units are")} in the project already, by another name:
      </p>
      <ul className="text-md">
        {there.map((one) => (
          <li key={one.label}>
            {one.label}: {said(one.count)} there, {said(one.counted)} needed here
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="button" disabled={pending} onClick={() => onChoose("set")}>
          Set the count to what is needed here
        </button>
        <button type="button" className="button" disabled={pending} onClick={() => onChoose("beside")}>
          Add them beside those
        </button>
      </div>
    </div>
  );
}

function said(count: There["count"]): string {
  return typeof count === "number" ? String(count) : `${count.left} left and ${count.right} right`;
}
