import { useQuery } from "@tanstack/react-query";

import { api, type Measure } from "../api/client";

/** The kinds of units and tools that there are. They never change while the application runs. */
export function useKinds(measure: Measure = "inch") {
  return useQuery({ queryKey: ["kinds", measure], queryFn: () => api.kinds(measure), staleTime: Infinity });
}
