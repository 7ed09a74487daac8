import { type ReactNode, useRef } from "react";

type Props = {
  /** What the field for the file is called to those who do not see the button. */
  label: string;
  accept: string;
  disabled?: boolean;
  onChoose: (file: File) => void;
  children: ReactNode;
};

/** A button that asks for a file. The same file may be chosen again, once it was mended. */
export function FileButton({ label, accept, disabled = false, onChoose, children }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className="button" disabled={disabled} onClick={() => input.current?.click()}>
        {children}
      </button>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        aria-label={label}
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onChoose(file);
          event.target.value = "";
        }}
      />
    </>
  );
}
