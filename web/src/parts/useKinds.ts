import { useQuery } from "@tanstack/react-query";

import type { Measure } from "../api/client";
import { read } from "../api/reads";

/** The kinds of units and tools that there are. They never change while the application runs. */
export function useKinds(measure: Measure = "inch") {
  return useQuery(read.kinds(measure));
}
