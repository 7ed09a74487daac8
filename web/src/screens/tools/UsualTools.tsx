import { useMutation, useQuery } from "@tanstack/react-query";
import { PencilRuler } from "lucide-react";
import { useState } from "react";

import { ApiError, type ToolDocument, type UsualTool } from "../../api/client";
import { read } from "../../api/reads";
import { ToolPicture } from "../../drawing/ToolPicture";
import { FormEnd } from "../../parts/FormEnd";

/** The tools that quilters usually own, to be ticked. */
export function UsualChoice({
  ticked,
  onTick,
}: {
  ticked: string[];
  onTick: (id: string, on: boolean) => void;
}) {
  const usual = useQuery(read.usualTools());
  return (
    <ul className="col-span-full grid grid-cols-[repeat(auto-fill,minmax(min(188px,44%),1fr))] gap-x-4 gap-y-3.5">
      {(usual.data ?? []).map((one) => (
        <li key={one.tool.id}>
          <label className="grid h-full cursor-pointer content-end gap-1 rounded-[3px] border-[1.5px] border-rule bg-panel px-2.5 py-2 text-md has-checked:border-brass-deep has-checked:bg-brass-pale">
            <span className="grid min-h-17.5 place-items-center text-sm [&_text]:hidden">
              <Drawn one={one} />
            </span>
            <span className="tick-box items-start">
              <input
                type="checkbox"
                className="mt-0.25 flex-none"
                checked={ticked.includes(one.tool.id)}
                onChange={(event) => onTick(one.tool.id, event.target.checked)}
              />
              {one.tool.name}
            </span>
          </label>
        </li>
      ))}
    </ul>
  );
}

function Drawn({ one }: { one: UsualTool }) {
  if (!one.picture) return <PencilRuler size={34} strokeWidth={1.2} aria-hidden="true" />;
  return <ToolPicture picture={one.picture} size={118} label={one.tool.name} />;
}

type Props = { onAdd: (tools: ToolDocument[]) => Promise<unknown> };

/** Several tools at once: tick those that are in the drawer, and change afterwards what is printed otherwise. */
export function UsualToolsForm({ onAdd }: Props) {
  const [ticked, setTicked] = useState<string[]>([]);
  const usual = useQuery(read.usualTools());
  const adding = useMutation({
    mutationFn: () =>
      onAdd(
        (usual.data ?? [])
          .map(({ tool }) => tool)
          .filter((tool) => ticked.includes(tool.id))
          .map((tool) => ({ ...tool, id: undefined })),
      ),
  });
  const error = adding.error instanceof ApiError ? adding.error : null;
  return (
    <form
      className="add-unit"
      onSubmit={(event) => {
        event.preventDefault();
        adding.mutate();
      }}
    >
      <UsualChoice
        ticked={ticked}
        onTick={(id, on) =>
          setTicked((before) => (on ? [...before, id] : before.filter((one) => one !== id)))
        }
      />
      <FormEnd
        error={error}
        pending={adding.isPending || ticked.length === 0}
        does={`Add ${ticked.length}`}
      />
    </form>
  );
}
