import { useMutation } from "@tanstack/react-query";
import { Download, Upload } from "lucide-react";
import { useRef } from "react";

import { api, ApiError } from "../../api/client";

/** Everything she has as one file, and such a file read in beside what is here. */
export function WholeFile({ onRead }: { onRead: () => Promise<void> }) {
  const input = useRef<HTMLInputElement>(null);
  const reading = useMutation({
    mutationFn: async (file: File) => {
      await api.readBench(await parsed(file));
      await onRead();
    },
  });
  const faults = reading.error instanceof ApiError ? reading.error.faults : [];
  return (
    <section className="whole-file" aria-label="Everything as a file">
      <a className="button" href="/api/bench" download="oaken-gauge.json">
        <Download size={16} aria-hidden="true" /> Save everything as a file
      </a>
      <button
        type="button"
        className="button"
        onClick={() => input.current?.click()}
        disabled={reading.isPending}
      >
        <Upload size={16} aria-hidden="true" /> Read a file in
      </button>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        className="sr-only"
        aria-label="A file to read in"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) reading.mutate(file);
          event.target.value = "";
        }}
      />
      <p className="quiet">
        Tools, fabric, blocks, projects and your hands. What is read in comes beside what is here; what is
        here just so is not added twice.
      </p>
      {reading.isSuccess && <p role="status">Read in.</p>}
      {reading.error && (
        <div role="alert" className="field-error">
          Nothing was added: {reading.error.message}
          <ul>
            {faults.slice(0, 5).map((fault) => (
              <li key={fault.pointer + fault.message}>
                {fault.pointer.slice(1).replaceAll("/", " › ")} {fault.message}
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

async function parsed(file: File): Promise<unknown> {
  try {
    return JSON.parse(await file.text());
  } catch {
    throw new ApiError(422, `${file.name} is no such file.`);
  }
}
