import { useMutation } from "@tanstack/react-query";

import { api, type ProjectRow } from "../../api/client";
import { CopyLink } from "../../parts/CopyLink";
import { FormDialog } from "../../parts/FormDialog";

type Props = { row: ProjectRow; onChanged: () => void };

/** A link by which others look at the project, and cannot change it. */
export function ShowProject({ row, onChanged }: Props) {
  const showing = useMutation({ mutationFn: () => api.show(row.id), onSuccess: onChanged });
  const ending = useMutation({
    mutationFn: () => api.showNoMore(row.id),
    onSuccess: () => {
      showing.reset();
      onChanged();
    },
  });
  const error = showing.error ?? ending.error;
  return (
    <FormDialog
      title={`Show ${row.name} to others`}
      trigger={
        <button type="button" className="button" aria-label={`Show ${row.name} to others`}>
          Show
        </button>
      }
    >
      {() => (
        <div className="grid gap-2.5">
          <p>Whoever has the link sees the quilt, its units and what you picked; nobody can change it.</p>
          {row.shown && !showing.data && (
            <p className="quiet">There is a link. A new one takes its place: the old one no longer holds.</p>
          )}
          {showing.data && (
            <span className="flex flex-wrap gap-2">
              <input
                className="boxed flex-[1_1_360px] px-2.5 text-md"
                readOnly
                aria-label="The link"
                value={`${location.origin}${showing.data.path}`}
                onFocus={(event) => event.target.select()}
              />
              <CopyLink link={`${location.origin}${showing.data.path}`} />
            </span>
          )}
          <div className="dialog-buttons">
            {row.shown && (
              <button type="button" className="button" onClick={() => ending.mutate()}>
                Withdraw the link
              </button>
            )}
            <button type="button" className="button button-brass" onClick={() => showing.mutate()}>
              {row.shown ? "Make a new link" : "Make a link"}
            </button>
          </div>
          {error && (
            <p role="alert" className="field-error">
              {error.message}
            </p>
          )}
        </div>
      )}
    </FormDialog>
  );
}
