import { useMutation } from "@tanstack/react-query";
import { Download, Upload } from "lucide-react";
import { useState } from "react";

import { ofBench } from "../../api/bench";
import { api, type Document, ApiError, type Clash, type Job, type Looked } from "../../api/client";
import { followed } from "../../api/jobs";
import { ReadIn } from "./ReadIn";
import { FileButton } from "../../parts/FileButton";
import { Working } from "../../parts/Working";

/** Everything she has as one file; and such a file read in, after it is said what of it is here already. */
export function WholeFile({ onRead }: { onRead: () => Promise<void> }) {
  const [waiting, setWaiting] = useState<{ file: Document; looked: Looked } | null>(null);
  const [working, setWorking] = useState<Job | null>(null);
  const looking = useMutation({
    mutationFn: async (chosen: File) => {
      const file = await parsed(chosen);
      setWaiting({ file, looked: await api.lookAtBench(file) });
    },
  });
  const reading = useMutation({
    mutationFn: async ({ file, clash }: { file: Document; clash: Clash }) => {
      const first = await api.readIn(file, clash);
      setWaiting(null);
      const done = await followed(first, api.job, setWorking);
      if (done.state === "stopped") return "Stopped: nothing was added.";
      if (done.state === "failed") throw new ApiError(500, "something went wrong here.");
      await onRead();
      return "Read in.";
    },
  });
  const trouble = looking.error ?? reading.error;
  const faults = trouble instanceof ApiError ? trouble.faults : [];
  return (
    <section id="file" className="whole-file" aria-label="Everything as a file">
      <a className="button" href={ofBench("/api/bench")} download="oaken-gauge.json">
        <Download size={16} aria-hidden="true" /> Save everything as a file
      </a>
      <FileButton
        label="A file to read in"
        accept="application/json,.json"
        disabled={looking.isPending}
        onChoose={(file) => {
          reading.reset();
          looking.mutate(file);
        }}
      >
        <Upload size={16} aria-hidden="true" /> Read a file in
      </FileButton>
      <p className="quiet">
        Tools, fabric, blocks, projects, your hands and how your drills went. Before a file is read in, you
        see what of it is here already.
      </p>
      {waiting && (
        <ReadIn
          looked={waiting.looked}
          pending={reading.isPending}
          onRead={(clash) => reading.mutate({ file: waiting.file, clash })}
          onLeave={() => setWaiting(null)}
        />
      )}
      {working && (
        <Working
          said={working.doing ? `Reading in: ${working.doing}` : "Reading it in comes next…"}
          share={working.share}
          stop="Cancel"
          onStop={() => void api.stopJob(working.id ?? 0)}
        />
      )}
      {reading.isSuccess && <p role="status">{reading.data}</p>}
      {trouble && (
        <div role="alert" className="field-error">
          Nothing was added: {trouble.message}
          <ul>
            {faults.slice(0, 5).map((fault) => (
              <li key={fault.pointer + fault.message}>
                {fault.pointer.slice(1).replaceAll("/", " › ")} {fault.message}
              </li>
            ))}
            {faults.length > 5 && <li>… and more.</li>}
          </ul>
        </div>
      )}
    </section>
  );
}

async function parsed(file: File): Promise<Document> {
  try {
    return JSON.parse(await file.text());
  } catch {
    throw new ApiError(422, `${file.name} is no such file.`);
  }
}
