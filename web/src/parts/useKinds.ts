import { useQuery } from "@tanstack/react-query";

import { api } from "../api/client";

/** The kinds of units and tools that there are. They never change while the application runs. */
export function useKinds() {
  return useQuery({ queryKey: ["kinds"], queryFn: api.kinds, staleTime: Infinity });
}
