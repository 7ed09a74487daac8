import { List, Pin } from "lucide-react";
import { Dialog } from "radix-ui";
import { useState } from "react";
import { NavLink } from "react-router";

import type { Project } from "../../api/client";
import { Hint } from "../../parts/Hint";
import { Sizes } from "./UnitSizes";

/** Every unit of the project in a list that can be searched: what it is, how many, and whether its method is picked. */
export function UnitList({ project }: { project: Project }) {
  const [open, setOpen] = useState(false);
  const [words, setWords] = useState("");
  const shown = project.units.filter(({ label }) => label.toLowerCase().includes(words.trim().toLowerCase()));
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Hint text="All units" keys="L">
        <Dialog.Trigger
          className="icon-button unit-list-open"
          aria-label={`All ${project.units.length} units`}
        >
          <List size={17} />
        </Dialog.Trigger>
      </Hint>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog" aria-describedby={undefined}>
          <Dialog.Title>Units of {project.name}</Dialog.Title>
          <input
            type="search"
            className="unit-search"
            aria-label="Find a unit"
            placeholder="Find a unit"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          <ul className="unit-list">
            {shown.map((unit) => (
              <li key={unit.id}>
                <NavLink to={`/projects/${project.id}/units/${unit.id}`} onClick={() => setOpen(false)}>
                  <strong>{unit.label}</strong>
                  <span className="quiet">
                    <Sizes unit={unit.unit} /> · {unit.unit.kind.replaceAll("_", " ")}
                  </span>
                  <span>
                    {unit.pick ? (
                      <Pin size={14} aria-label="method picked" />
                    ) : (
                      <span className="quiet">no pick yet</span>
                    )}
                  </span>
                </NavLink>
              </li>
            ))}
          </ul>
          <Dialog.Close className="button">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
