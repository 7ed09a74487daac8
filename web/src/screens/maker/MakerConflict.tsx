import { ClashDialog } from "../../parts/ClashDialog";
import type { Changing } from "./useChanging";

/** Two windows changed one profile: which is to stand. */
export function MakerConflict({ changing }: { changing: Changing }) {
  const { clash } = changing;
  return (
    <ClashDialog open={clash !== null} onKeepTheirs={changing.keepTheirs} onKeepMine={changing.keepMine}>
      Your profile was changed after you opened it here. Nothing has been saved over it. Here:{" "}
      {clash?.mine.said}.
    </ClashDialog>
  );
}
