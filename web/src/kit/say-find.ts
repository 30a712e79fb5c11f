import type { PatchDetail } from '@emberfield/contract';
import type { Words } from '@emberfield/words';

/** What was noted of something come upon, in one line. @param nameOf name of a plant by its key */
export const sayFind = (
  { body }: PatchDetail['finds'][number],
  nameOf: (key: string) => string,
  { t, format }: Words,
): string =>
  [
    format.list(body.mayBe.map(nameOf)) || (body.unlisted ? '' : t('walk.unknown')),
    body.unlisted ? t('ownPlant.noted', { name: body.unlisted }) : '',
    body.condition ? t(`find.conditionOf.${body.condition}`) : '',
    format.list(body.overhead.map((o) => t(`find.tree.${o}`))),
    body.looseness ? t(`find.loosenessOf.${body.looseness}`) : '',
    body.seen.map((s) => t(`state.${s.sign}.${s.state}`)).join(', '),
    body.specimen,
    body.note,
  ]
    .filter(Boolean)
    .join(' · ');
