import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo, useState } from "react";
import { useParams } from "react-router";

import { ApiError, type Block, type Fabric, type Way } from "../../api/client";
import { read } from "../../api/reads";
import { Weaves } from "../../drawing/Weaves";
import { ClashDialog } from "../../saving/ClashDialog";
import { LastDone, Unsaved } from "../../saving/SavingLine";
import { LengthEntry } from "../../parts/LengthEntry";
import { Heading } from "../../parts/Heading";
import { Notice } from "../../parts/Notice";
import { Opening } from "../../parts/Opening";
import { Screen } from "../../parts/Screen";
import { useAtWork } from "../../parts/useAtWork";
import { BlockPicture } from "./BlockPicture";
import { Editor } from "./Editor";
import { TakingApart } from "./TakingApart";
import { PrintBlock } from "./PrintBlock";
import { Sizes } from "./Sizes";
import { UnitStanding } from "./UnitStanding";
import { sameUnits, unitsToAdd } from "./unitsToAdd";
import { useApart, useLadder } from "./useApart";
import { useBlock } from "./useBlock";
import { Ways } from "./Ways";
import { WeighUnits } from "./WeighUnits";

/** One block: drawn cell by cell, taken apart into units, set to a size, and its units sent to be weighed. */
export function BlockScreen() {
  const { blockId = "" } = useParams();
  const blocks = useQuery(read.blocks());
  const fabrics = useQuery(read.fabrics());
  const block = blocks.data?.find((one) => String(one.id) === blockId);
  const others = useMemo(
    () => (blocks.data ?? []).filter((one) => String(one.id) !== blockId),
    [blocks.data, blockId],
  );
  return (
    <Screen title={block ? `Block ${block.name}` : "Block"} className="page max-w-310">
      {!blocks.data || !fabrics.data ? (
        <Opening error={blocks.error ?? fabrics.error}>Opening the block…</Opening>
      ) : block ? (
        <>
          <Weaves fabrics={fabrics.data} />
          <AtWork key={block.id} block={block} fabrics={fabrics.data} others={others} />
        </>
      ) : (
        <Heading>This block is not there any more</Heading>
      )}
    </Screen>
  );
}

function AtWork({ block, fabrics, others }: { block: Block; fabrics: Fabric[]; others: Block[] }) {
  const queries = useQueryClient();
  const stored = useCallback(() => void queries.invalidateQueries(read.blocks()), [queries]);
  const working = useBlock(block, stored);
  const apart = useApart(working.cells, working.finished);
  const answer = apart.data;
  const atWork = useAtWork();
  const project = useQuery({ ...read.project(atWork?.id ?? 0), enabled: atWork !== undefined }).data;
  const [weighed, setWeighed] = useState<Way | null>(null);
  const chosen = useMemo(
    () => answer?.ways.find((way) => sameUnits(way.pieces, working.pieces)),
    [answer, working.pieces],
  );
  const ladder = useLadder(chosen ?? answer?.ways[0]);
  const titles = useMemo(
    () =>
      Object.fromEntries(
        (answer?.ways ?? []).flatMap(({ units }) => units.map((unit) => [unit.kind, unit.title])),
      ),
    [answer],
  );
  const error = apart.error instanceof ApiError ? apart.error : null;
  const refused = working.saving.failed instanceof ApiError ? working.saving.failed : null;

  return (
    <>
      <div className="flex flex-wrap items-center gap-x-3.5 gap-y-2.5">
        <Heading>{block.name}</Heading>
        <div role="status" className="min-h-6 min-w-0 flex-1 text-md">
          <Unsaved saving={working.saving} />
          <LastDone />
        </div>
        <PrintBlock block={block} />
      </div>
      <div className="mt-2.5 flex flex-wrap items-start gap-x-8.5 gap-y-4.5">
        <Editor working={working} fabrics={fabrics} others={others} />
        <section
          aria-label="In the quilt"
          className="grid w-72 content-start gap-2.5 max-wide:w-full max-wide:grid-cols-[250px_minmax(0,1fr)] max-phone:grid-cols-[minmax(0,1fr)]"
        >
          <LengthEntry
            id="block-finished"
            label="Finished width"
            value={working.finished}
            error={error?.at("/finished") ?? refused?.at("/picture/finished")}
            onEnter={(finished) => working.change({ finished })}
            ringed
          />
          <BlockPicture
            cells={working.cells}
            fabrics={fabrics}
            size={236}
            repeat={3}
            label="Nine blocks side by side"
          />
          {answer && <p className="quiet text-sm">{answer.seen_said?.join(" · ")}</p>}
          {answer && ladder.data && (
            <Sizes
              titles={titles}
              ladder={ladder.data.ladder}
              finished={working.finished}
              onChange={working.change}
            />
          )}
        </section>
      </div>
      {error && error.faults.length === 0 && <Notice tone="alarm">{error.message}</Notice>}
      <TakingApart apart={apart} />
      {answer && (
        <Ways
          answer={answer}
          current={apart.current}
          fabrics={fabrics}
          anyChosen={working.pieces.length > 0}
          chosen={chosen}
          onChoose={(way) => working.change({ pieces: way.pieces })}
          onWeigh={setWeighed}
          standing={(way, place) =>
            project && (
              <UnitStanding
                project={project}
                unit={unitsToAdd(block.name, way.units, fabrics)[place]}
                anyCount
              />
            )
          }
        />
      )}
      <WeighUnits block={block} way={weighed} fabrics={fabrics} onClose={() => setWeighed(null)} />
      <ClashDialog saving={working.saving} name={block.name} />
    </>
  );
}
