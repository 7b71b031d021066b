import { useEffect, useState } from 'react';

type Permission = { requestPermission?: () => Promise<'granted' | 'denied'> };

/**
 * The angle at which the phone looks up or down along its back, in degrees, while `on`.
 * @returns null until the device has told one; `missing` when it does not within two seconds
 */
export function useTilt(on: boolean): { readonly degrees: number | null; readonly missing: boolean } {
  const [degrees, setDegrees] = useState<number | null>(null);
  const [missing, setMissing] = useState(false);
  useEffect(() => {
    if (!on || typeof window === 'undefined') return;
    let told = false;
    const turn = (e: DeviceOrientationEvent) => {
      if (e.beta === null) return;
      told = true;
      setMissing(false);
      // upright is 90; leaning back past it looks up
      setDegrees(Math.round((e.beta - 90) * 10) / 10);
    };
    const late = setTimeout(() => setMissing(!told), 2000);
    const listen = () => window.addEventListener('deviceorientation', turn);
    const ask = (window.DeviceOrientationEvent as unknown as Permission | undefined)?.requestPermission;
    if (ask)
      void ask().then(
        (p) => (p === 'granted' ? listen() : setMissing(true)),
        () => setMissing(true),
      );
    else listen();
    return () => {
      clearTimeout(late);
      window.removeEventListener('deviceorientation', turn);
    };
  }, [on]);
  return { degrees, missing };
}
