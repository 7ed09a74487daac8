import type { Proposed } from "../../api/client";

type Props = {
  choice: Proposed;
  /** What the changes that are taken come to, by title; null where all are. */
  taken: Map<string, string> | null;
  /** What the first column is called. */
  picked: string;
};

/** All together beside each by itself, and what is picked now. */
export function Figures({ choice, taken, picked }: Props) {
  const figures = choice.figures ?? [];
  const now = figures.some((figure) => figure.now !== null);
  return (
    <table className="values stacks mt-4">
      <thead>
        <tr>
          <th scope="col">
            <span className="sr-only">Figure</span>
          </th>
          {now && <th scope="col">{picked}</th>}
          <th scope="col">Each unit by itself</th>
          <th scope="col">All together</th>
          {taken && <th scope="col">What you take</th>}
        </tr>
      </thead>
      <tbody>
        {figures.map((figure) => (
          <tr key={figure.title} className="value">
            <th scope="row">{figure.title}</th>
            {now && <td data-label={picked}>{figure.now}</td>}
            <td data-label="Each unit by itself">{figure.apart}</td>
            <td data-label="All together" className="text-lg font-strong">
              {figure.together}
            </td>
            {taken && <td data-label="What you take">{taken.get(figure.title)}</td>}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
