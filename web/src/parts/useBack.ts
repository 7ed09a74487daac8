import { useNavigate } from "react-router";

/** Back to where she came from, or to the first unit when she came from nowhere. */
export function useBack() {
  const navigate = useNavigate();
  return () => {
    const steps = (window.history.state as { idx?: number } | null)?.idx ?? 0;
    void (steps > 0 ? navigate(-1) : navigate("/"));
  };
}
