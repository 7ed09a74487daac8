import { useQuery } from "@tanstack/react-query";
import { ChevronDown } from "lucide-react";
import type { ComponentProps } from "react";

import { read } from "../../api/reads";

type Props = ComponentProps<"button"> & { project: number | undefined };

/** Whose bench this window works at, and which project: it opens the menu. */
export function BenchButton({ project, ...props }: Props) {
  const maker = useQuery(read.start()).data?.name ?? "";
  const row = useQuery(read.projects()).data?.find(({ id }) => id === project);
  return (
    <button type="button" className="bench-button" aria-haspopup="menu" {...props}>
      <img src="/favicon.svg" alt="" width="24" height="24" className="flex-none" />
      <span className="grid min-w-0 text-left leading-tight">
        <span className="truncate text-xs text-quiet">
          <span className="sr-only">Bench of </span>
          {maker}
        </span>
        <span className="truncate font-strong">{row?.name ?? "No project yet"}</span>
      </span>
      <ChevronDown size={15} aria-hidden="true" className="flex-none" />
    </button>
  );
}
