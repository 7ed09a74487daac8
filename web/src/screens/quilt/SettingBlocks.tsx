import { Plus } from "lucide-react";

import type { ApiError, Block, KeptQuilt } from "../../api/client";
import { EntryField } from "../../parts/EntryField";
import { SettingPart } from "./SettingPart";
import { number } from "./settingParts";

type Props = {
  opened: boolean;
  quilt: KeptQuilt;
  blocks: Block[];
  error: ApiError | null;
  onChange: (quilt: KeptQuilt) => void;
  /** Another number of them: how often each is made is worked out anew. */
  onShare: (quilt: KeptQuilt) => void;
};

/** One block as often as the setting holds, or several, each so often. */
export function SettingBlocks({ opened, quilt, blocks, error, onChange, onShare }: Props) {
  const change = (place: number, what: Partial<KeptQuilt["blocks"][number]>) =>
    onChange({ ...quilt, blocks: quilt.blocks.map((one, i) => (i === place ? { ...one, ...what } : one)) });
  // A block that is left alone is made as often as the setting holds.
  const remove = (place: number) => {
    const left = quilt.blocks.filter((_, i) => i !== place);
    onChange({ ...quilt, blocks: left.length === 1 ? left.map(({ id }) => ({ id })) : left });
  };
  const other = blocks.find((block) => !quilt.blocks.some((one) => one.id === block.id));
  const several = quilt.blocks.length > 1;
  return (
    <SettingPart
      name="Blocks"
      holds={quilt.blocks
        .map(({ id, count }) => [count, blocks.find((one) => one.id === id)?.name].filter(Boolean).join(" "))
        .join(", ")}
      opened={opened}
    >
      {quilt.blocks.map((entry, i) => (
        <span key={i} className="col-span-full grid grid-cols-[1fr_1fr] items-end gap-x-3.5 gap-y-2">
          <label className="entry">
            <span>Block</span>
            <select value={entry.id} onChange={(event) => change(i, { id: Number(event.target.value) })}>
              {blocks.map((block) => (
                <option key={block.id} value={block.id}>
                  {block.name}
                </option>
              ))}
            </select>
          </label>
          {error?.at(`/blocks/${i}/id`) && (
            <span className="field-error col-span-full">This block is gone: choose another.</span>
          )}
          {several && (
            <EntryField
              id={`count-${i}`}
              label="How many"
              value={String(entry.count ?? "")}
              error={error?.at(`/blocks/${i}/count`)}
              onEnter={(text) => change(i, { count: number(text) as number })}
            />
          )}
          {several && (
            <button type="button" className="link-button" onClick={() => remove(i)}>
              Remove
            </button>
          )}
        </span>
      ))}
      {other && (
        <button
          type="button"
          className="button gap-1.5 justify-self-start"
          onClick={() =>
            // One that was alone had no count of its own.
            (several ? onChange : onShare)({
              ...quilt,
              blocks: [...quilt.blocks, { id: other.id, count: 1 }],
            })
          }
        >
          <Plus size={15} aria-hidden="true" /> Another block
        </button>
      )}
      {error?.at("/blocks") && (
        <span role="alert" className="field-error col-span-full">
          The blocks {error.at("/blocks")}.{" "}
          {several && (
            <button type="button" className="link-button" onClick={() => onShare(quilt)}>
              Share them out
            </button>
          )}
        </span>
      )}
      {error?.matching(/^\/blocks\/\d+\/block/) && (
        <span role="alert" className="field-error col-span-full">
          This block {error.matching(/^\/blocks\/\d+\/block/)}.
        </span>
      )}
    </SettingPart>
  );
}
