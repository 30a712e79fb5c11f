import { BATCH_STEPS, DRYING_FORMS, KEEPING_WAYS, OUT_REASONS } from '@emberfield/core/larder';
import { PART_KEYS } from '@emberfield/core/plants';
import {
  exactly,
  finite,
  flag,
  freeText,
  given,
  instant,
  listOf,
  oneOf,
  orNull,
  share,
  uuid,
  whole,
} from '../platform/schema.ts';

/** What is noted of what becomes of a take. */
export const batchBodies = {
  batch: exactly({
    name: freeText(80),
    parents: listOf(uuid(), 20).min(1, 'missing'),
    part: oneOf(PART_KEYS),
    massG: orNull(finite(0.1, 1e6)),
    out: listOf(exactly({ reason: oneOf(OUT_REASONS), share: share() }).required(), OUT_REASONS.length),
    washed: flag(),
    way: oneOf(KEEPING_WAYS),
    form: orNull(oneOf(DRYING_FORMS)),
    acrossCm: orNull(finite(0.1, 200)),
    humidityPct: orNull(whole(0, 100)),
    note: freeText(600),
  })
    .required('missing')
    .test(
      'form',
      'formMissing',
      given((b) => (b.way === 'dry') === (b.form !== null)),
    )
    .test(
      'out',
      'moreThrownThanThere',
      given(
        (b) =>
          new Set(b.out.map((o) => o.reason)).size === b.out.length &&
          b.out.reduce((sum, o) => sum + o.share, 0) <= 1 + 1e-9,
      ),
    ),
  batchWeighing: exactly({ batchId: uuid(), massG: finite(0.1, 1e6), at: instant() }).required('missing'),
  batchStep: exactly({
    batchId: uuid(),
    step: oneOf(BATCH_STEPS),
    massG: orNull(finite(0, 1e6)),
    where: freeText(120),
  }).required('missing'),
};
