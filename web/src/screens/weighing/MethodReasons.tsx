import { TriangleAlert } from "lucide-react";

import type { Method } from "../../api/client";
import { Words } from "../../parts/Words";

/** Why it ranks where it does. */
export function MethodReasons({ method }: { method: Method }) {
  return (
    <p className="mb-3.5 max-w-230 text-lg">
      <Words>{method.why ?? ""}</Words>
    </p>
  );
}

/** What has to be watched. */
export function ToWatch({ method: { warnings = [] } }: { method: Method }) {
  if (warnings.length === 0) return null;
  return (
    <ul className="mb-3 grid max-w-230 gap-0.75 text-sm" aria-label="To watch">
      {warnings.map((warning) => (
        <li key={warning.code} className="flex items-start gap-1.75">
          <TriangleAlert size={15} aria-hidden="true" className="mt-0.5 flex-none text-madder" />
          <span>
            <Words>{warning.say}</Words>
          </span>
        </li>
      ))}
    </ul>
  );
}
