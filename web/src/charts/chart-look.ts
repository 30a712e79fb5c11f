import type { EChartsCoreOption } from 'echarts/core';
import { FONT, palette } from '../platform/theme.ts';

export type ChartOption = EChartsCoreOption;

/** Writing of a chart, in the colours of the light that is on. */
export const chartText = () => ({ color: palette.value.soft, fontFamily: FONT, fontSize: 13 });

/** What a mark says under the pointer: as text, for names come from people and would be read as HTML else. */
export const chartTip = () => ({
  renderMode: 'richText' as const,
  confine: true,
  backgroundColor: palette.value.sheet,
  borderColor: palette.value.edge,
  textStyle: { ...chartText(), color: palette.value.char },
});

/** A mark that says something says it under the pointer. */
export const tipOfMarks = () => ({
  ...chartTip(),
  formatter: ({ data }: { readonly data: { readonly said?: string } }): string => data.said ?? '',
});

/** What a mark that is drawn by hand is told: its values, and where they lie. */
export interface DrawnMark {
  readonly value: (dimension: number) => number;
  readonly coord: (point: readonly [number, number]) => readonly [number, number];
  readonly visual: (what: 'color') => string;
}

/** An axis of values: hairlines, and nothing that says nothing. */
export const valueAxis = () => ({
  type: 'value' as const,
  axisLabel: chartText(),
  nameTextStyle: chartText(),
  axisLine: { show: false },
  axisTick: { show: false },
  splitLine: { lineStyle: { color: palette.value.hair } },
});

/** Names one below the other, the first on top. */
export const namesAxis = (names: readonly string[]) => ({
  type: 'category' as const,
  data: [...names],
  inverse: true,
  axisLabel: { ...chartText(), color: palette.value.char, width: 190, overflow: 'truncate' as const },
  axisLine: { show: false },
  axisTick: { show: false },
});

/** What Emberfield said: a full dot. What somebody goes by without it: a hollow lozenge. Told apart without their colours. */
export const dateMarks = () => ({
  mine: { symbol: 'circle', symbolSize: 9, itemStyle: { color: palette.value.ember, opacity: 1 } },
  lastYear: {
    symbol: 'diamond',
    symbolSize: 11,
    itemStyle: { color: palette.value.paper, borderColor: palette.value.soft, borderWidth: 1.6, opacity: 1 },
  },
});
