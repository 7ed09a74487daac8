import { TriangleAlert } from "lucide-react";

const WORDS: Record<string, string> = {
  blade: "Blade: close it every time you put it down; cut away from yourself, fingers off the ruler's edge.",
  press: "Press: fingers, hair and sleeves clear; never more layers than the die takes.",
  needle: "Needle: hands clear; foot off the pedal to thread.",
  iron: "Iron: lift and set down; unplug it when you leave.",
};

/** The cautions for what a way uses. */
export function Cares({ cares }: { cares: string[] }) {
  return (
    <ul className="cares" aria-label="Take care">
      {cares.map((care) => (
        <li key={care}>
          <TriangleAlert size={15} aria-hidden="true" />
          {WORDS[care] ?? care}
        </li>
      ))}
    </ul>
  );
}
