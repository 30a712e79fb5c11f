import { lazy, mixed, type Schema } from 'yup';
import type { Figure } from '@emberfield/core/measure';
import type { StageModel } from '@emberfield/core/stages';
import { exactly, figure, finite, flag, line, maybe, monthDay, oneOf, whole } from '../platform/schema.ts';

const optionalFigure = figure().optional() as Schema<Figure | undefined>;

/** Models of a stage: each kind with its own figures. */
export const stageModel: Schema<StageModel> = lazy((value: unknown) => {
  const kind = (value as { kind?: unknown } | null)?.kind;
  const tag = <K extends string>(k: K) => oneOf<K>([k]);
  switch (kind) {
    case 'thermal':
      return exactly({
        kind: tag('thermal'),
        start: monthDay(),
        baseC: figure(),
        cutoffC: optionalFigure,
        sum: positiveFigure(),
      }).required();
    case 'after':
      return exactly({ kind: tag('after'), stage: line(40), days: figure() }).required();
    case 'afterWarmth':
      return exactly({ kind: tag('afterWarmth'), stage: line(40), baseC: figure(), sum: positiveFigure() }).required();
    case 'cooling':
      return exactly({ kind: tag('cooling'), start: monthDay(), baseC: figure(), sum: positiveFigure() }).required();
    case 'firstFrost':
      return exactly({ kind: tag('firstFrost'), start: monthDay(), thresholdC: figure() }).required();
    case 'chill':
      return exactly({
        kind: tag('chill'),
        start: monthDay(),
        chillBelowC: figure(),
        chillDays: positiveFigure(),
        baseC: figure(),
        sum: positiveFigure(),
      }).required();
    case 'dayLength':
      return exactly({
        kind: tag('dayLength'),
        start: monthDay(),
        ...('share' in (value as object) ? { share: shareFigure() } : { hours: positiveFigure() }),
        turn: oneOf(['longer', 'shorter']),
      }).required();
    case 'rain':
      return exactly({
        kind: tag('rain'),
        start: monthDay(),
        rainMm: positiveFigure(),
        overDays: whole(1, 60),
        fromC: finite(-30, 50),
        toC: finite(-30, 50),
        days: figure(),
      }).required();
    case 'calendar':
      return exactly({
        kind: tag('calendar'),
        direction: oneOf(['spring', 'autumn', 'none']),
        alone: maybe(flag()),
      }).required();
    default:
      return mixed<never>().test('kind', 'notOneOf', () => false);
  }
}) as unknown as Schema<StageModel>;

export function positiveFigure(): Schema<Figure> {
  return (figure() as ReturnType<typeof mixed<Figure>>).test(
    'positive',
    'tooSmall',
    (f) => !f || f.low > 0,
  ) as unknown as Schema<Figure>;
}

/** A share of something, above 0 and up to all of it. */
export function shareFigure(): Schema<Figure> {
  return (positiveFigure() as ReturnType<typeof mixed<Figure>>).test(
    'share',
    'tooLarge',
    (f) => !f || f.high <= 1,
  ) as unknown as Schema<Figure>;
}
