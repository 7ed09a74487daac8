import { Hand, LayoutPanelLeft, Ruler, SwatchBook } from "lucide-react";

/** What is hers, whatever project she works on. */
export const HERS = [
  { to: "/blocks", name: "Blocks", action: "blocks", Icon: LayoutPanelLeft },
  { to: "/tools", name: "Tools", action: "tools", Icon: Ruler },
  { to: "/fabric", name: "Fabric", action: "fabric", Icon: SwatchBook },
  { to: "/hands", name: "Hands", action: "hands", Icon: Hand },
] as const;
