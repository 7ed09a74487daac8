import type { ReactNode } from "react";

type Props = { tone?: "plain" | "alarm"; children: ReactNode };

/** A line that says how things stand. */
export function Notice({ tone = "plain", children }: Props) {
  return (
    <p
      role={tone === "alarm" ? "alert" : "status"}
      className={`px-4 py-3 ${tone === "alarm" ? "font-semibold text-madder" : ""}`}
    >
      {children}
    </p>
  );
}
