import { List, Pin } from "lucide-react";
import { Dialog } from "radix-ui";
import { useState } from "react";
import { NavLink } from "react-router";

import type { Project, Unit } from "../../api/client";
import { Hint } from "../../parts/Hint";
import { useKeys } from "../../parts/useKeys";
import { formOf } from "../../parts/plural";
import { Sizes } from "./UnitSizes";
import { UnitGlance } from "./UnitGlance";

/** Every unit of the project in a list that can be searched: what it is, how many, and whether its method is picked. */
export function UnitList({ project }: { project: Project }) {
  const [open, setOpen] = useState(false);
  const [words, setWords] = useState("");
  useKeys({ list: () => setOpen(true) });
  const shown = project.units.filter(({ label }) => label.toLowerCase().includes(words.trim().toLowerCase()));
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Hint text="All units" action="list">
        <Dialog.Trigger
          className="icon-button"
          aria-label={formOf(project.units.length, "The one unit", `All ${project.units.length} units`)}
        >
          <List size={17} />
        </Dialog.Trigger>
      </Hint>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog dialog-wide" aria-describedby={undefined}>
          <Dialog.Title>Units of {project.name}</Dialog.Title>
          <input
            type="search"
            className="boxed h-10 w-full px-3"
            aria-label="Find a unit"
            placeholder="Find a unit"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          {groups(shown).map(([block, units]) => (
            <section key={block} className="w-full" aria-label={block || "Units by themselves"}>
              {block && <h3 className="mt-2.5 text-md font-strong text-brass-deep">{block}</h3>}
              <ul className="grid w-full">
                {units.map((unit) => (
                  <Listed key={unit.id} project={project} unit={unit} onGo={() => setOpen(false)} />
                ))}
              </ul>
            </section>
          ))}
          <Dialog.Close className="button">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Units of a block go by its name before a colon. */
function groups(units: Unit[]): [string, Unit[]][] {
  const blockOf = ({ label }: Unit) => (label.includes(": ") ? (label.split(": ")[0] ?? "") : "");
  const blocks = [...new Set(units.map(blockOf))].toSorted();
  return blocks.map((block) => [block, units.filter((unit) => blockOf(unit) === block)]);
}

function Listed({ project, unit, onGo }: { project: Project; unit: Unit; onGo: () => void }) {
  return (
    <li>
      <NavLink
        to={`/projects/${project.id}/units/${unit.id}`}
        onClick={onGo}
        className="grid min-h-11 grid-cols-[42px_1fr_auto_minmax(110px,auto)] items-center gap-3 border-b border-rule px-2 py-0.5 hover:bg-ground aria-[current=page]:shadow-picked"
      >
        <UnitGlance project={project} unit={unit} size={34} />
        <strong>{unit.label.split(": ").slice(-1)}</strong>
        <span className="quiet">
          <Sizes unit={unit.unit} />
        </span>
        <span>
          {unit.pick ? (
            <span className="text-sm">
              <Pin size={14} aria-label="method picked" />{" "}
              {unit.pick.answer.title ?? unit.pick.method.split("/")[1]?.replaceAll("_", " ")}
            </span>
          ) : (
            <span className="quiet">no pick yet</span>
          )}
        </span>
      </NavLink>
    </li>
  );
}
