import { useQuery } from "@tanstack/react-query";

import { read } from "../api/reads";

/** Who is signed in, where one has to. */
export function useSession() {
  return useQuery(read.session()).data;
}
