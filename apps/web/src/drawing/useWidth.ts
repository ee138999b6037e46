import { useLayoutEffect, useRef, useState } from 'react';

/** How wide a part of the page is, kept as the window changes. */
export function useWidth() {
  const ref = useRef<HTMLDivElement>(null);
  const [px, setPx] = useState(() => Math.min(1100, window.innerWidth - 32));
  useLayoutEffect(() => {
    const measure = () => {
      if (ref.current) setPx(ref.current.clientWidth);
    };
    measure();
    window.addEventListener('resize', measure);
    return () => window.removeEventListener('resize', measure);
  }, []);
  return { ref, px };
}
