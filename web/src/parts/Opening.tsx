import { useAway } from "../api/away";
import { Notice } from "./Notice";

type Props = {
  /** Why it cannot be opened. */
  error?: { title: string } | null;
  /** What is being opened: "Opening the block…". */
  children?: string;
};

/** What stands where something will be once it is there, or why it is not there yet. */
export function Opening({ error = null, children = "Opening the bench…" }: Props) {
  const away = useAway();
  const trouble = error ?? away;
  return trouble ? <Notice tone="alarm">{trouble.title}</Notice> : <Notice>{children}</Notice>;
}
