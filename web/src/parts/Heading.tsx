import { type ReactNode, useEffect, useRef } from "react";
import { useLocation } from "react-router";

/** The screen that was seen last; none before the first. */
let seen: string | null = null;

type Props = { children: ReactNode; className?: string };

/** The heading of a screen: whoever came from another screen begins to read here. */
export function Heading({ children, className = "" }: Props) {
  const own = useRef<HTMLHeadingElement>(null);
  const { pathname } = useLocation();
  useEffect(() => {
    const before = seen;
    seen = pathname;
    if (before !== null && before !== pathname) own.current?.focus({ preventScroll: true });
  }, [pathname]);
  return (
    <h1 ref={own} tabIndex={-1} className={`outline-none ${className}`}>
      {children}
    </h1>
  );
}
