import { chartText, valueAxis, type ChartOption } from '../charts/chart-look.ts';
import { palette } from '../platform/theme.ts';
import { bandOf, lineOf, type FanLook } from './fan.ts';

/** A band between two quantiles, as one line on top of another that is not seen. */
function band(look: FanLook, [low, high]: readonly [number, number], opacity: number, name: string) {
  const { bottom, height } = bandOf(look, low, high);
  const plain = { type: 'line' as const, stack: name, symbol: 'none', silent: true, lineStyle: { opacity: 0 } };
  return [
    { ...plain, data: bottom.map((p) => [...p]) },
    {
      ...plain,
      data: height.map((p) => [...p]),
      areaStyle: { color: look.falls ? palette.value.ember : palette.value.moss, opacity },
    },
  ];
}

/** A fan of futures on a scale that all plans share. */
export function fanOption(look: FanLook): ChartOption {
  const years = look.told.fan.length;
  const colour = look.falls ? palette.value.ember : palette.value.moss;
  return {
    grid: { left: 44, right: 10, top: 14, bottom: 26 },
    xAxis: {
      type: 'value',
      min: look.firstYear,
      max: look.firstYear + years,
      interval: years / 2,
      axisLabel: { ...chartText(), formatter: (year: number) => String(Math.round(year)) },
      axisTick: { show: false },
      axisLine: { lineStyle: { color: palette.value.edge } },
      splitLine: { show: false },
    },
    yAxis: {
      ...valueAxis(),
      min: 0,
      max: look.most,
      axisLabel: { ...chartText(), showMaxLabel: false, formatter: look.number },
    },
    series: [
      ...band(look, [0, 4], 0.16, 'nine'),
      ...band(look, [1, 3], 0.3, 'half'),
      {
        type: 'line',
        symbol: 'none',
        silent: true,
        data: lineOf(look, 2).map((p) => [...p]),
        lineStyle: { color: colour, width: 2.4 },
        markLine: {
          silent: true,
          symbol: 'none',
          lineStyle: { color: palette.value.char, type: 'dashed', width: 1.4 },
          label: { ...chartText(), formatter: look.floorName, position: 'insideEndTop' },
          data: [{ yAxis: look.floor }],
        },
      },
    ],
  };
}
