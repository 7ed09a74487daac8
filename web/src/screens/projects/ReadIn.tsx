import { Dialog } from "radix-ui";
import { useState } from "react";

import type { Clash, Looked } from "../../api/client";

type Props = {
  looked: Looked;
  pending: boolean;
  onRead: (clash: Clash) => void;
  onLeave: () => void;
};

const KINDS = { tools: "Tools", fabrics: "Fabric", blocks: "Blocks", projects: "Projects" } as const;
const CHOICES: [Clash, string, string][] = [
  ["both", "Keep both", "What differs comes beside yours."],
  ["mine", "Keep yours", "Only what is new is added."],
  ["theirs", "Take the file's", "What differs takes the place of yours."],
];

/** What of a file is here already, and what is to be done where something else goes by the same name. */
export function ReadIn({ looked, pending, onRead, onLeave }: Props) {
  const [clash, setClash] = useState<Clash>("both");
  const rows = (Object.keys(KINDS) as (keyof typeof KINDS)[]).map((kind) => ({ kind, ...looked[kind] }));
  const differ = rows.some(({ other }) => other.length > 0);
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onLeave()}>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog dialog-wide" aria-describedby={undefined}>
          <Dialog.Title>Read this file in?</Dialog.Title>
          <table className="values max-narrow:[&_thead_th]:whitespace-normal">
            <thead>
              <tr>
                <th scope="col" />
                <th scope="col">New</th>
                <th scope="col">Here just so</th>
                <th scope="col">Something else by the same name</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.kind} className="value">
                  <th scope="row">{KINDS[row.kind]}</th>
                  <td>{row.new.length}</td>
                  <td>{row.same.length}</td>
                  <td className="whitespace-normal">{row.other.join(", ") || "none"}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {differ && (
            <fieldset className="entry-group">
              <legend>Where something else goes by the same name</legend>
              {CHOICES.map(([value, name, meaning]) => (
                <label key={value} className="entry entry-flag">
                  <input
                    type="radio"
                    name="clash"
                    checked={clash === value}
                    onChange={() => setClash(value)}
                  />
                  <span>
                    <strong>{name}.</strong> {meaning}
                  </span>
                </label>
              ))}
            </fieldset>
          )}
          <div className="dialog-buttons">
            <Dialog.Close className="button">Cancel</Dialog.Close>
            <button
              type="button"
              className="button button-brass"
              disabled={pending}
              onClick={() => onRead(clash)}
            >
              Read it in
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
