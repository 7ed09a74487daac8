import type { Field, StoredTool, ToolKind } from "../../api/client";
import { isObject, writtenAs } from "../../fields/written";
import { Words } from "../../parts/Words";
import { ToolDialog } from "./ToolDialog";
import type { Drawer } from "./useTools";

type Props = { stored: StoredTool; kind: ToolKind; drawer: Drawer };

/** A tool with what is printed on it. */
export function ToolRow({ stored, kind, drawer }: Props) {
  const { tool } = stored;
  return (
    <li className="tool">
      <div>
        <strong>{tool.name}</strong>
        <p className="quiet">
          <Words>{printed(kind, tool).join(" · ")}</Words>
        </p>
      </div>
      <ToolDialog
        title={`Change ${tool.name}`}
        kinds={[kind]}
        tool={tool}
        does="Change"
        onSave={(changed) => drawer.change(stored, changed)}
      >
        <button type="button" className="button" aria-label={`Change ${tool.name}`}>
          Change
        </button>
      </ToolDialog>
      <button
        type="button"
        className="button take-away"
        aria-label={`Remove ${tool.name}`}
        onClick={() => void drawer.remove(stored)}
      >
        Remove
      </button>
    </li>
  );
}

/** What a person would read off it, key by key; what it only has by default is left out. */
function printed(kind: ToolKind, tool: StoredTool["tool"]): string[] {
  const values = tool as Record<string, unknown>;
  return kind.fields
    .filter(
      ({ name, type }) => !["id", "name"].includes(name) && type !== "flag" && values[name] !== undefined,
    )
    .map((field) => `${field.label}: ${said(field, values[field.name])}`);
}

function said(field: Field, value: unknown): string {
  if (Array.isArray(value) && value.some(isObject)) return value.map((one) => firstOf(one)).join(", ");
  if (Array.isArray(value) && field.type === "lengths") return value.join(" × ");
  const option = field.options?.find((one) => one.value === value);
  if (option) return option.label;
  if (isObject(value) && field.type !== "scale")
    return Object.entries(value)
      .map(([name, one]) => `${name} ${String(one)}`)
      .join(", ");
  if (Array.isArray(value)) return value.map((one) => labelOf(field.of ?? field, one)).join(", ");
  return writtenAs(field, value);
}

function labelOf({ options }: Pick<Field, "options">, value: unknown): string {
  return options?.find((option) => option.value === value)?.label ?? firstOf(value);
}

/** What a line of a list is told by: its first plain value. */
function firstOf(one: unknown): string {
  const first = isObject(one) ? Object.values(one).find((value) => typeof value === "string") : one;
  return typeof first === "string" ? first.replaceAll("_", " ") : "";
}
