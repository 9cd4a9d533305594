/** Seconds as a clock reads them: 45 → "0:45", 754 → "12:34". */
export function formatClock(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** Seconds as a coach says them: 45 → "45 s", 90 → "90 s", 180 → "3 min". */
export function formatSeconds(seconds: number): string {
  return seconds >= 120 && seconds % 60 === 0 ? `${seconds / 60} min` : `${seconds} s`;
}
