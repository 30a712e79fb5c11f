import type { Figure } from '@emberfield/core/measure';
import type { PlantProfile, ProfileStage } from '@emberfield/contract';
import type { Words } from '@emberfield/words';

export const sayFigure = (f: Figure, words: Words, digits = 1): string =>
  f.low === f.high
    ? words.format.number(f.value, digits)
    : words.t('plants.figure', {
        value: words.format.number(f.value, digits),
        low: words.format.number(f.low, digits),
        high: words.format.number(f.high, digits),
      });

/** How a stage is dated, in words. */
export function sayModel(stage: ProfileStage, profile: PlantProfile, words: Words): string {
  const { t, format } = words;
  const { model } = stage;
  const named = (key: string): string => words.text(profile.stages.find((s) => s.key === key)?.name ?? { en: key });
  const inDegrees = (f: Figure): Figure => ({
    ...f,
    value: format.degreeDays(f.value),
    low: format.degreeDays(f.low),
    high: format.degreeDays(f.high),
  });
  const from = (monthDay: string): string => format.day(`2025-${monthDay}`);
  switch (model.kind) {
    case 'thermal':
      return t('plants.modelText.thermal', {
        sum: sayFigure(inDegrees(model.sum), words, 0),
        base: format.temperature(model.baseC.value),
        start: from(model.start),
      });
    case 'after':
      return t('plants.modelText.after', { days: sayFigure(model.days, words, 0), stage: named(model.stage) });
    case 'afterWarmth':
      return t('plants.modelText.afterWarmth', {
        sum: sayFigure(inDegrees(model.sum), words, 0),
        base: format.temperature(model.baseC.value),
        stage: named(model.stage),
      });
    case 'cooling':
      return t('plants.modelText.cooling', {
        sum: sayFigure(inDegrees(model.sum), words, 0),
        base: format.temperature(model.baseC.value),
        start: from(model.start),
      });
    case 'firstFrost':
      return t('plants.modelText.firstFrost', {
        threshold: format.temperature(model.thresholdC.value),
        start: from(model.start),
      });
    case 'chill':
      return t('plants.modelText.chill', {
        days: sayFigure(model.chillDays, words, 0),
        chill: format.temperature(model.chillBelowC.value),
        start: from(model.start),
        sum: sayFigure(inDegrees(model.sum), words, 0),
        base: format.temperature(model.baseC.value),
      });
    case 'dayLength':
      return 'hours' in model
        ? t(`plants.modelText.${model.turn}`, { hours: sayFigure(model.hours, words), start: from(model.start) })
        : t(`plants.modelText.${model.turn}Share`, {
            share: `${format.percent(model.share.value)} %`,
            start: from(model.start),
          });
    case 'rain':
      return t('plants.modelText.rain', {
        days: sayFigure(model.days, words, 0),
        rain: format.rain(model.rainMm.value),
        over: model.overDays,
        from: format.degrees(model.fromC),
        to: format.temperature(model.toC),
      });
    case 'calendar':
      return t('plants.modelText.calendar');
  }
}

/** A profile's ceiling as the words know ceilings. */
export function sayCeiling(ceiling: PlantProfile['ceilings'][number], profile: PlantProfile, words: Words): string {
  const { kind, ...values } = ceiling.rule as PlantProfile['ceilings'][number]['rule'] &
    Record<string, number | string>;
  const parts = ceiling.parts ?? profile.parts.map((p) => p.key);
  const unit = profile.parts.find((p) => p.key === parts[0])?.unit ?? 'leaf';
  const said = words.ceiling({ kind, values }, unit);
  return ceiling.parts === null
    ? said
    : `${words.format.list(parts.map((k) => words.text(profile.parts.find((p) => p.key === k)?.name ?? { en: k })))}: ${said}`;
}
