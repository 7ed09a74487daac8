/** A bar of so many inches, for a picture's scale. */
export function ScaleBar({ inches, scale }: { inches: number; scale: number }) {
  const width = inches * scale;
  return (
    <span className="scale-bar">
      <svg width={width + 2} height="8" aria-hidden="true">
        <path d={`M1 0V8M1 4H${width + 1}M${width + 1} 0V8`} stroke="currentColor" fill="none" />
      </svg>
      {inches} in
    </span>
  );
}
