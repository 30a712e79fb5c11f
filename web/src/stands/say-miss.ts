import type { Words } from '@emberfield/words';

/** "3 days too early", "right", "one day too late". */
export const sayMiss = (miss: number, { t }: Words): string =>
  miss === 0 ? t('stand.proofOff.on') : t(`stand.proofOff.${miss < 0 ? 'early' : 'late'}`, { n: Math.abs(miss) });
