import { useEffect, useState } from "react";

/** s since 1970, looked at again every so many ms. */
export function useNow(every: number): number {
  const [now, setNow] = useState(() => Date.now() / 1000);
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now() / 1000), every);
    return () => clearInterval(timer);
  }, [every]);
  return now;
}
