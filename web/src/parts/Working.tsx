import { Progress } from "radix-ui";

type Props = {
  /** What is being done, in words. */
  said: string;
  /** How much of it is done, from 0 to 1. */
  share: number;
  stop: string;
  onStop: () => void;
};

/** Long work: what is being done, how far it has come, and what stops it. */
export function Working({ said, share, stop, onStop }: Props) {
  const hundredths = Math.round(100 * share);
  return (
    <div className="mt-3.5 flex flex-wrap items-center gap-x-4 gap-y-2">
      <span aria-live="polite">{said}</span>
      <Progress.Root
        className="h-3 w-65 overflow-hidden rounded-[3px] border-[1.5px] border-quiet bg-panel"
        value={hundredths}
        aria-label="How much of it is done"
      >
        <Progress.Indicator className="block h-full bg-brass" style={{ width: `${hundredths}%` }} />
      </Progress.Root>
      <button type="button" className="button" onClick={onStop}>
        {stop}
      </button>
    </div>
  );
}
