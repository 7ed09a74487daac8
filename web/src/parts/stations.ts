import { House, LayoutGrid, type LucideIcon, Shapes, ShoppingBasket } from "lucide-react";

import type { Station } from "../api/client";

/** The home of a project, and the stations of its work. */
export type Place = "home" | Station["station"];

type Standing = {
  /** After the address of the project. */
  path: string;
  Icon: LucideIcon;
};

/** Where each is, and its picture. */
export const STATIONS: Record<Place, Standing> = {
  home: { path: "", Icon: House },
  quilt: { path: "/quilt", Icon: LayoutGrid },
  units: { path: "/units", Icon: Shapes },
  buy: { path: "/buy", Icon: ShoppingBasket },
};

/** The address of a station of a project. */
export function placeOf(project: number | string, place: Place): string {
  return `/projects/${project}${STATIONS[place].path}`;
}
