import { createGlobalState } from '@vueuse/core';
import { ref, shallowRef, watch } from 'vue';
import type { OnTheGround } from '@emberfield/core/measure';
import { ownPosition, positionSource } from '../platform/position.ts';
import { gpsPlayer, type GpsPlayer } from './gps-player.ts';

/** The stand-in for the device's sensors: it walks on while other pages are open, until it is stopped. */
export const useGpsPlayer = createGlobalState(() => {
  const player = shallowRef<GpsPlayer | null>(null);
  const speed = ref(4);
  const hasFix = ref(true);
  watch([player, speed, hasFix], () => {
    if (player.value) Object.assign(player.value, { speedKmh: speed.value, hasFix: hasFix.value });
  });
  function play(way: readonly OnTheGround[]): void {
    player.value = gpsPlayer(way);
    positionSource.value = player.value.source;
  }
  function stop(): void {
    player.value = null;
    positionSource.value = ownPosition;
  }
  return { player, speed, hasFix, play, stop };
});
