import type { ReactNode } from "react";

import { Head } from "./head/Head";
import type { Place } from "./stations";
import { useTitle } from "./useTitle";
import { useWorkedOn } from "./useAtWork";

type Props = {
  /** Of the window. */
  title: string;
  /** The project that it is of; the one opened last where it is of none. */
  project?: number | string;
  station?: Place;
  /** What stands between the head and the page: the units of a project, the tabs of a screen. */
  under?: ReactNode;
  className?: string;
  children: ReactNode;
};

/** A screen of a bench: one head, and the page under it. */
export function Screen({ title, project, station, under, className = "page", children }: Props) {
  useTitle(title);
  useWorkedOn(project);
  return (
    <div className="screen">
      <a href="#page" className="skip">
        Skip to the page
      </a>
      <Head project={project === undefined ? undefined : Number(project)} station={station} />
      {under}
      <main id="page" tabIndex={-1} className={className}>
        {children}
      </main>
    </div>
  );
}
