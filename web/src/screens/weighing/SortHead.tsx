import { ArrowDown } from "lucide-react";
import type { ReactNode } from "react";

import type { Sorting } from "./useWanted";

type Props = {
  sorting: Sorting;
  current: Sorting;
  onSort: (sorting: Sorting) => void;
  numeric?: boolean;
  /** What is said of the whole column. */
  beside?: ReactNode;
  children: ReactNode;
};

/** A column's head that sorts by it, the least first. */
export function SortHead({ sorting, current, onSort, numeric = false, beside, children }: Props) {
  const sorted = sorting === current;
  return (
    <th scope="col" aria-sort={sorted ? "ascending" : "none"} className={numeric ? "numeric" : ""}>
      <button type="button" className="sort-button" onClick={() => onSort(sorting)}>
        {children}
        <ArrowDown size={13} aria-hidden="true" className={sorted ? "" : "invisible"} />
      </button>
      {beside && <span className="block">{beside}</span>}
    </th>
  );
}
