import { TriangleAlert } from "lucide-react";

import type { Method } from "../../api/client";
import { Words } from "../../parts/Words";

/** Why it ranks where it does, and what has to be watched. */
export function MethodReasons({ method }: { method: Method }) {
  return (
    <div className="mb-3.5 grid max-w-230 gap-2">
      <p className="text-lg">
        <Words>{method.why ?? ""}</Words>
      </p>
      {method.warnings && method.warnings.length > 0 && (
        <ul className="grid gap-0.75 text-sm" aria-label="To watch">
          {method.warnings.map((warning) => (
            <li key={warning.code} className="flex items-start gap-1.75">
              <TriangleAlert size={15} aria-hidden="true" className="mt-0.5 flex-none text-madder" />
              <span>
                <Words>{warning.say}</Words>
              </span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
