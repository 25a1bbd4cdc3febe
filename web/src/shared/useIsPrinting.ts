import { useEffect, useState } from "react";
import { flushSync } from "react-dom";

/** Whether the page is being put on paper: then what scrolls on a screen is there whole. */
export function useIsPrinting() {
  const [isPrinting, setPrinting] = useState(false);
  useEffect(() => {
    // The browser takes the page as it stands once this returns.
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    window.addEventListener("beforeprint", begin);
    window.addEventListener("afterprint", end);
    return () => {
      window.removeEventListener("beforeprint", begin);
      window.removeEventListener("afterprint", end);
    };
  }, []);
  return isPrinting;
}
