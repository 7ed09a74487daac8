import { TriangleAlert } from "lucide-react";

/** The cautions for what a way uses. */
export function Cares({ cares }: { cares: string[] }) {
  return (
    <ul className="cares" aria-label="Take care">
      {cares.map((care) => (
        <li key={care}>
          <TriangleAlert size={15} aria-hidden="true" />
          {care}
        </li>
      ))}
    </ul>
  );
}
