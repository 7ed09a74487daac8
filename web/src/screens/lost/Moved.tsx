import { Navigate, useLocation } from "react-router";

/** Where a screen stands now; what was asked for goes with it. */
export function Moved({ to }: { to: string }) {
  const { search, hash } = useLocation();
  return <Navigate replace to={{ pathname: to, search, hash }} />;
}
