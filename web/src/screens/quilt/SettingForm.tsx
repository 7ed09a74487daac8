import { api, type ApiError, type Block, type Fabric, type KeptQuilt } from "../../api/client";
import { EntryField } from "../../parts/EntryField";
import { LengthEntry } from "../../parts/LengthEntry";
import { Borders } from "./Borders";
import { FitForm } from "./FitForm";
import { SettingBlocks } from "./SettingBlocks";
import { SettingPart } from "./SettingPart";
import { Choice, Flag, number, type Setting } from "./settingParts";

type Props = {
  quilt: KeptQuilt;
  blocks: Block[];
  fabrics: Fabric[];
  error: ApiError | null;
  /** Whether nothing was set before: then she begins with the blocks and how they stand. */
  fresh: boolean;
  onChange: (quilt: KeptQuilt) => void;
};

/** How the quilt is set: which blocks, how they lie, what is between and round them. */
export function SettingForm({ quilt, blocks, fabrics, error, fresh, onChange }: Props) {
  const { setting } = quilt;
  const set = (what: Partial<Setting>) => onChange({ ...quilt, setting: { ...setting, ...what } });
  const of = (role: "sashing" | "cornerstones" | "triangles", name: string | undefined) => {
    const others = Object.entries(setting.fabrics ?? {}).filter(([one]) => one !== role);
    set({ fabrics: Object.fromEntries(name ? [...others, [role, name]] : others) });
  };
  const at = (pointer: string) => error?.at(pointer);
  const wrong = (pointer: string) =>
    error?.faults.some((fault) => fault.pointer.startsWith(pointer)) ?? false;
  const named = (id: string | undefined) => fabrics.find((one) => String(one.id) === id)?.name;
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
    <section className="mt-4 border-b border-rule" aria-label="How it is set">
      <SettingBlocks
        opened={fresh || wrong("/blocks")}
        quilt={quilt}
        blocks={blocks}
        error={error}
        onChange={onChange}
        onShare={(now) => void share(now)}
      />
      <SettingPart
        name="Setting"
        holds={`${setting.layout === "on_point" ? "on point" : "straight"}, ${setting.across} across, ${setting.down} down`}
        opened={fresh || wrong("/setting/across") || wrong("/setting/down")}
      >
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
      </SettingPart>
      <SettingPart
        name="Sashing"
        holds={listed(
          setting.sashing,
          named(setting.fabrics?.sashing),
          setting.cornerstones && "cornerstones",
        )}
        opened={wrong("/setting/sashing") || wrong("/setting/outer")}
      >
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
      </SettingPart>
      <Borders
        setting={setting}
        fabrics={fabrics}
        error={error}
        set={set}
        holds={listed(
          ...(setting.borders ?? []).map(({ width, fabric }) => `${width} ${named(fabric) ?? ""}`.trim()),
        )}
        opened={wrong("/setting/borders")}
      />
      <SettingPart
        name="Binding, batting and backing"
        holds={listed(
          named(quilt.binding?.fabric),
          named(quilt.backing?.fabric),
          quilt.batting?.fusible && "fusible batting",
        )}
        opened={wrong("/binding") || wrong("/backing")}
      >
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
      </SettingPart>
    </section>
  );
}

/** What a part is set to; none where it is not there. */
function listed(...parts: (string | false | undefined)[]): string {
  return parts.filter(Boolean).join(", ") || "none";
}
