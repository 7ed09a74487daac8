import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";

import { api } from "../api/client";

/** Whose bench this window works at, and the way to the others. */
export function Whose() {
  const standing = useQuery({ queryKey: ["start"], queryFn: api.start });
  if (!standing.data) return null;
  return (
    <Link
      to="/makers"
      aria-label={`Maker: ${standing.data.name}`}
      className="max-w-36 flex-none truncate font-semibold hover:underline max-[700px]:max-w-20"
    >
      {standing.data.name}
    </Link>
  );
}
