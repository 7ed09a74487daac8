import { useQuery } from "@tanstack/react-query";

import { api } from "../api/client";

/** Who is signed in, where one has to. */
export function useSession() {
  return useQuery({ queryKey: ["session"], queryFn: api.session, staleTime: Infinity }).data;
}
