import { useState } from "react";

import { ofBench } from "../../api/bench";
import type { Block } from "../../api/client";
import { FormDialog } from "../../parts/FormDialog";
import { LengthEntry } from "../../parts/LengthEntry";
import { RowFile, RowMenu } from "../../parts/RowMenu";

/** A block on paper: a sheet at its size, or at two; and as a picture. */
export function PrintBlock({ block }: { block: Block }) {
  const file = (name: string) => ofBench(`/api/blocks/${block.id}/${name}`);
  const [also, setAlso] = useState("");
  const second = also === "" ? "" : `&also=${encodeURIComponent(also)}`;
  return (
    <span className="flex flex-wrap gap-2">
      <a className="button" href={file("sheet.pdf")}>
        Print a sheet
      </a>
      <FormDialog
        title="One sheet for two sizes"
        trigger={
          <button type="button" className="button">
            In two sizes
          </button>
        }
      >
        {() => (
          <div className="grid gap-3">
            <LengthEntry
              id="block-also"
              label="And at a finished width of"
              value={also}
              error={undefined}
              onEnter={setAlso}
              ringed
            />
            <span className="flex flex-wrap gap-2">
              {(["letter", "a4"] as const).map((paper) => (
                <a
                  key={paper}
                  className="button button-brass"
                  aria-disabled={also === ""}
                  href={file(`sheet.pdf?paper=${paper}${second}`)}
                >
                  Print on {paper === "a4" ? "A4" : "letter"}
                </a>
              ))}
            </span>
          </div>
        )}
      </FormDialog>
      <RowMenu name={block.name}>
        <RowFile href={file("sheet.pdf?paper=a4")}>Print on A4</RowFile>
        <RowFile href={file("picture.svg")}>Save as SVG</RowFile>
      </RowMenu>
    </span>
  );
}
