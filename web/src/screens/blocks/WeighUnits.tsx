import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Dialog } from "radix-ui";
import { useState } from "react";
import { useNavigate } from "react-router";

import { api, ApiError, type Block, type Fabric, type Way } from "../../api/client";
import { read } from "../../api/reads";
import { EntryField } from "../../parts/EntryField";
import { ThereAlready } from "./ThereAlready";
import { unitsToAdd } from "./unitsToAdd";

type Props = { block: Block; way: Way | null; fabrics: Fabric[]; onClose: () => void };

const COUNT = /^[1-9]\d{0,3}$/;

/** The units of a way, for so many blocks, into a project, to be weighed there. */
export function WeighUnits({ block, way, fabrics, onClose }: Props) {
  const projects = useQuery(read.projects()).data ?? [];
  const [project, setProject] = useState<number | null>(null);
  const [blocks, setBlocks] = useState("12");
  const queries = useQueryClient();
  const navigate = useNavigate();
  const into = project ?? projects[0]?.id;
  const adding = useMutation({
    mutationFn: async ({ units, there }: { units: Way["units"]; there?: "set" | "beside" }) => {
      if (into === undefined) return;
      const counted = unitsToAdd(block.name, units, fabrics);
      const [first] = await api.addCounted(into, counted, Number(blocks), there);
      await queries.invalidateQueries(read.project(into));
      await navigate(`/projects/${into}/units/${first?.id ?? "new"}`);
    },
  });
  const error = adding.error instanceof ApiError ? adding.error : null;
  return (
    <Dialog.Root open={way !== null} onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog" aria-describedby={undefined}>
          <Dialog.Title>Weigh the units of {block.name}</Dialog.Title>
          <form
            className="add-unit min-h-39.5 w-full grid-cols-[1fr_1fr] content-between"
            onSubmit={(event) => {
              event.preventDefault();
              if (way && COUNT.test(blocks)) adding.mutate({ units: way.units });
            }}
          >
            <EntryField
              id="blocks"
              label="How many blocks"
              value={blocks}
              error={COUNT.test(blocks) ? undefined : "allowed is a whole number from 1 to 9999"}
              onEnter={setBlocks}
            />
            <label className="entry">
              <span>Project</span>
              <select value={into} onChange={(event) => setProject(Number(event.target.value))}>
                {projects.map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.name}
                  </option>
                ))}
              </select>
            </label>
            <ThereAlready
              error={error}
              pending={adding.isPending}
              onChoose={(there) => way && adding.mutate({ units: way.units, there })}
            />
            {error && error.there.length === 0 && (
              <p role="alert" className="field-error">
                {error.faults[0]?.message ?? error.message}
              </p>
            )}
            <div className="dialog-buttons">
              <Dialog.Close className="button">Cancel</Dialog.Close>
              <button
                type="submit"
                className="button button-brass"
                disabled={adding.isPending || into === undefined}
              >
                Add them
              </button>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
