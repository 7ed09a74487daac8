import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";

import { read } from "../api/reads";

/** Whose bench this window works at, and the way to the others. */
export function Whose({ className = "" }: { className?: string }) {
  const standing = useQuery(read.start());
  if (!standing.data) return null;
  return (
    <Link
      to="/makers"
      aria-label={`Maker: ${standing.data.name}`}
      className={`max-w-36 min-w-0 shrink-[1000] truncate font-semibold hover:underline max-[700px]:max-w-20 ${className}`}
    >
      {standing.data.name}
    </Link>
  );
}
