import { Plus } from "lucide-react";

import { api, type ApiError, type Block, type Fabric, type KeptQuilt } from "../../api/client";
import { EntryField } from "../../parts/EntryField";
import { LengthEntry } from "../../parts/LengthEntry";
import { FitForm } from "./FitForm";

type Props = {
  quilt: KeptQuilt;
  blocks: Block[];
  fabrics: Fabric[];
  error: ApiError | null;
  onChange: (quilt: KeptQuilt) => void;
};
type Setting = KeptQuilt["setting"];
type Border = NonNullable<Setting["borders"]>[number];

/** What a person types is a number to the core where it is one; otherwise the core says what is allowed. */
function number(text: string): unknown {
  return text.trim() !== "" && Number.isFinite(Number(text)) ? Number(text) : text;
}

/** How the quilt is set: which blocks, how they lie, what is between and round them. */
export function SettingForm({ quilt, blocks, fabrics, error, onChange }: Props) {
  const { setting } = quilt;
  const set = (what: Partial<Setting>) => onChange({ ...quilt, setting: { ...setting, ...what } });
  const of = (role: "sashing" | "cornerstones" | "triangles", name: string | undefined) => {
    const others = Object.entries(setting.fabrics ?? {}).filter(([one]) => one !== role);
    set({ fabrics: Object.fromEntries(name ? [...others, [role, name]] : others) });
  };
  const at = (pointer: string) => error?.at(pointer);
  // Several blocks are made as often as the setting holds, each as its share was.
  const share = async (now: KeptQuilt) => {
    const counts =
      now.blocks.length > 1
        ? await api.share(now.setting, now.blocks.map(({ count = 1 }) => count)).catch(() => []) // prettier-ignore
        : [];
    onChange({
      ...now,
      blocks: now.blocks.map((one, i) => (counts[i] ? { ...one, count: counts[i] } : one)),
    });
  };
  return (
    <section className="grid gap-3.5 max-wide:row-[1_/_3] max-stacked:row-auto" aria-label="How it is set">
      <Blocks
        quilt={quilt}
        blocks={blocks}
        error={error}
        onChange={onChange}
        onShare={(now) => void share(now)}
      />
      <fieldset className="entry-group setting-row">
        <legend>Setting</legend>
        <label className="entry">
          <span>Blocks stand</span>
          <select
            value={setting.layout}
            onChange={(event) => set({ layout: event.target.value as Setting["layout"], outer: undefined })}
          >
            <option value="straight">straight</option>
            <option value="on_point">on point</option>
          </select>
        </label>
        <FitForm
          quilt={quilt}
          block={blocks.find(({ id }) => id === quilt.blocks[0]?.id)}
          onFit={(across, down) => void share({ ...quilt, setting: { ...setting, across, down } })}
        />
        <EntryField
          id="across"
          label="Across"
          value={String(setting.across)}
          error={at("/setting/across")}
          onEnter={(text) => set({ across: number(text) as number })}
        />
        <EntryField
          id="down"
          label="Down"
          value={String(setting.down)}
          error={at("/setting/down")}
          onEnter={(text) => set({ down: number(text) as number })}
        />
        {setting.layout === "on_point" && (
          <Choice
            label="Setting triangles"
            fabrics={fabrics}
            value={setting.fabrics?.triangles}
            onChoose={(name) => of("triangles", name)}
          />
        )}
      </fieldset>
      <fieldset className="entry-group setting-row">
        <legend>Sashing</legend>
        <LengthEntry
          id="sashing"
          label="Finished width"
          value={setting.sashing ?? ""}
          error={at("/setting/sashing")}
          onEnter={(text) => set({ sashing: text === "" ? undefined : text })}
          ringed
        />
        {setting.sashing && (
          <>
            <Choice
              label="Sashing"
              fabrics={fabrics}
              value={setting.fabrics?.sashing}
              onChoose={(name) => of("sashing", name)}
            />
            <Flag
              label="Cornerstones"
              value={setting.cornerstones ?? false}
              onChange={(cornerstones) => set({ cornerstones })}
            />
            {setting.cornerstones && (
              <Choice
                label="Cornerstones"
                fabrics={fabrics}
                value={setting.fabrics?.cornerstones}
                onChoose={(name) => of("cornerstones", name)}
              />
            )}
            <Flag
              label="Round the outside too"
              value={setting.outer ?? setting.layout === "on_point"}
              onChange={(outer) => set({ outer })}
            />
            {at("/setting/outer") && (
              <span className="field-error col-span-full">{at("/setting/outer")}</span>
            )}
          </>
        )}
      </fieldset>
      <Borders setting={setting} fabrics={fabrics} error={error} set={set} />
      <fieldset className="entry-group setting-row">
        <legend>Binding, batting and backing</legend>
        <LengthEntry
          id="binding"
          label="Binding strip, cut"
          value={quilt.binding?.strip ?? "2 1/2"}
          error={at("/binding/strip")}
          onEnter={(strip) => onChange({ ...quilt, binding: { ...quilt.binding, strip } })}
        />
        <Choice
          label="Binding"
          fabrics={fabrics}
          value={quilt.binding?.fabric}
          onChoose={(fabric) => onChange({ ...quilt, binding: { ...quilt.binding, fabric } })}
        />
        <Choice
          label="Backing"
          fabrics={fabrics}
          value={quilt.backing?.fabric}
          onChoose={(fabric) => onChange({ ...quilt, backing: { ...quilt.backing, fabric } })}
        />
        <Flag
          label="Fusible batting"
          value={quilt.batting?.fusible ?? false}
          onChange={(fusible) => onChange({ ...quilt, batting: fusible ? { fusible } : undefined })}
        />
      </fieldset>
    </section>
  );
}

type BlocksProps = Omit<Props, "fabrics"> & { onShare: (quilt: KeptQuilt) => void };

/** One block as often as the setting holds, or several, each so often. */
function Blocks({ quilt, blocks, error, onChange, onShare }: BlocksProps) {
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
    <fieldset className="entry-group setting-row">
      <legend>Blocks</legend>
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
    </fieldset>
  );
}

type BordersProps = {
  setting: Setting;
  fabrics: Fabric[];
  error: ApiError | null;
  set: (what: Partial<Setting>) => void;
};

function Borders({ setting, fabrics, error, set }: BordersProps) {
  const borders = setting.borders ?? [];
  const change = (place: number, what: Partial<Border>) =>
    set({ borders: borders.map((one, i) => (i === place ? { ...one, ...what } : one)) });
  return (
    <fieldset className="entry-group setting-row">
      <legend>Borders, from the inside out</legend>
      {borders.map((border, i) => (
        <span key={i} className="col-span-full grid grid-cols-[1fr_1fr] items-end gap-x-3.5 gap-y-2">
          <LengthEntry
            id={`border-${i}`}
            label="Finished width"
            value={border.width}
            error={error?.at(`/setting/borders/${i}/width`)}
            onEnter={(width) => change(i, { width })}
            ringed
          />
          <label className="entry">
            <span>Corners</span>
            <select
              value={border.corners ?? "butted"}
              onChange={(event) => change(i, { corners: event.target.value as Border["corners"] })}
            >
              <option value="butted">butted</option>
              <option value="mitred">mitred</option>
            </select>
          </label>
          <Choice
            label="Border"
            fabrics={fabrics}
            value={border.fabric}
            onChoose={(fabric) => change(i, { fabric })}
          />
          <button
            type="button"
            className="link-button"
            onClick={() => set({ borders: borders.filter((_, j) => j !== i) })}
          >
            Remove
          </button>
        </span>
      ))}
      <button
        type="button"
        className="button gap-1.5 justify-self-start"
        onClick={() => set({ borders: [...borders, { width: "3", fabric: String(fabrics[0]?.id ?? "") }] })}
      >
        <Plus size={15} aria-hidden="true" /> Add a border
      </button>
    </fieldset>
  );
}

type ChoiceProps = {
  label: string;
  fabrics: Fabric[];
  value: string | undefined;
  onChoose: (name: string | undefined) => void;
};

function Choice({ label, fabrics, value, onChoose }: ChoiceProps) {
  return (
    <label className="entry">
      <span>{label}: fabric</span>
      <select value={value ?? ""} onChange={(event) => onChoose(event.target.value || undefined)}>
        <option value="">not chosen</option>
        {fabrics.map((fabric) => (
          <option key={fabric.id} value={String(fabric.id)}>
            {fabric.name}
          </option>
        ))}
      </select>
    </label>
  );
}

type FlagProps = { label: string; value: boolean; onChange: (value: boolean) => void };

function Flag({ label, value, onChange }: FlagProps) {
  return (
    <label className="entry-flag">
      <input type="checkbox" checked={value} onChange={(event) => onChange(event.target.checked)} /> {label}
    </label>
  );
}
