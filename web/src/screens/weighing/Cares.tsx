import { TriangleAlert } from "lucide-react";

/** The cautions for what a way uses. */
export function Cares({ cares }: { cares: string[] }) {
  return (
    <ul className="grid gap-0.75 text-sm" aria-label="Take care">
      {cares.map((care) => (
        <li key={care} className="flex items-start gap-1.75">
          <TriangleAlert size={15} aria-hidden="true" className="mt-0.5 flex-none text-madder" />
          {care}
        </li>
      ))}
    </ul>
  );
}
