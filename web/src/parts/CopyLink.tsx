import { useState } from "react";

/** A button that copies a link, and says that it has. */
export function CopyLink({ link }: { link: string }) {
  const [copied, setCopied] = useState(false);
  const copy = async () => {
    await navigator.clipboard.writeText(link);
    setCopied(true);
  };
  return (
    <button type="button" className="button" onClick={() => void copy()}>
      <span role="status">{copied ? "Copied" : "Copy the link"}</span>
    </button>
  );
}
