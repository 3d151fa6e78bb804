import { useEffect, useState } from "react";

/** A clock that runs over a heat: from before the start to its end, at some speed, and stands where it is put. */
export function usePlayhead(ends: number) {
  const [time, setTime] = useState(0);
  const [plays, setPlays] = useState(false);
  const [speed, setSpeed] = useState(20);
  const running = plays && time < ends;
  useEffect(() => {
    if (!running) return;
    let last = performance.now();
    let frame = requestAnimationFrame(function step(now) {
      const passed = now - last;
      last = now;
      setTime((t) => Math.min(ends, t + passed * speed));
      frame = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(frame);
  }, [running, speed, ends]);
  return {
    time,
    put: (to: number) => {
      setPlays(false);
      setTime(Math.max(0, Math.min(ends, to)));
    },
    plays: running,
    toggle: () => {
      if (time >= ends) setTime(0);
      setPlays(!running);
    },
    speed,
    setSpeed,
  };
}
