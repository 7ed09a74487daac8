import { TriangleAlert } from "lucide-react";

import type { Method } from "../../api/client";
import { Words } from "../../parts/Words";

/** Why it ranks where it does, and what has to be watched. */
export function MethodReasons({ method }: { method: Method }) {
  return (
    <div className="why">
      <p>
        <Words>{method.why ?? ""}</Words>
      </p>
      {method.warnings && method.warnings.length > 0 && (
        <ul aria-label="To watch">
          {method.warnings.map((warning) => (
            <li key={warning.code}>
              <TriangleAlert size={15} aria-hidden="true" />
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
