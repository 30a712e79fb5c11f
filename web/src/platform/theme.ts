import { useLocalStorage, useMediaQuery, usePreferredDark } from '@vueuse/core';
import { theme } from 'ant-design-vue';
import { computed, watchEffect } from 'vue';
import { PALETTES, type Light } from './palette.ts';

export const LIGHTS = ['system', 'day', 'night', 'glare'] as const;
export type WantedLight = (typeof LIGHTS)[number];

/** What the person chose for this device; public/light.js reads it before the first paint. */
export const wantedLight = useLocalStorage<WantedLight>('emberfield-theme', 'system');
const dark = usePreferredDark();
export const light = computed<Light>(() =>
  wantedLight.value === 'system' ? (dark.value ? 'night' : 'day') : wantedLight.value,
);
const isNight = computed(() => light.value === 'night');
export const palette = computed(() => PALETTES[light.value]);
watchEffect(() => {
  document.documentElement.setAttribute('data-theme', light.value);
  // The bar that the device draws round the page goes with it.
  for (const bar of document.querySelectorAll('meta[name=theme-color]'))
    bar.setAttribute('content', palette.value.paper);
});

/** Where a thumb works: controls are larger, the frame is another. */
export const isPhone = useMediaQuery('(max-width: 900px)');
export const FONT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";

/** Heights of controls, px: these and no others. */
const HEIGHTS = { desk: { small: 32, usual: 36, large: 44 }, thumb: { small: 44, usual: 48, large: 56 } } as const;

/** The library's parts in the palette of the house. */
export const antTheme = computed(() => {
  const p = palette.value;
  const heights = isPhone.value ? HEIGHTS.thumb : HEIGHTS.desk;
  return {
    algorithm: isNight.value ? theme.darkAlgorithm : theme.defaultAlgorithm,
    token: {
      colorPrimary: isNight.value ? '#e8703f' : p['ember-ink'],
      colorError: p.wrong,
      // Bars that fill; of itself the library's are blue.
      colorInfo: p.moss,
      colorBgBase: p.sheet,
      colorTextBase: p.char,
      colorLink: p['ember-ink'],
      // Of itself the library would turn blue under the mouse.
      colorLinkHover: p['ember-ink'],
      colorLinkActive: p['ember-ink'],
      // A way on is told from words by its line, not by its colour alone.
      linkDecoration: 'underline',
      linkHoverDecoration: 'underline',
      colorTextPlaceholder: p.soft,
      colorTextDescription: p.soft,
      colorTextSecondary: p.soft,
      colorTextTertiary: p.soft,
      colorTextQuaternary: p.soft,
      colorTextLightSolid: p['on-ember'],
      colorBorder: p.edge,
      colorBorderSecondary: p.hair,
      colorSplit: p.hair,
      colorBgContainer: p.sheet,
      colorBgElevated: p.sheet,
      borderRadius: 4,
      fontFamily: FONT,
      fontSize: 15,
      fontSizeSM: 14,
      controlHeightSM: heights.small,
      controlHeight: heights.usual,
      controlHeightLG: heights.large,
      boxShadow: 'none',
      wireframe: true,
    },
    components: {
      Button: {
        paddingContentHorizontal: 15,
        // Said as it is: the dark scheme would darken it below what can be read.
        ...(isNight.value
          ? { colorPrimary: '#e8703f', colorPrimaryHover: '#f08355', colorPrimaryActive: '#d8592a' }
          : {}),
      },
      // The dark scheme would darken the chosen one below what can be read.
      Tabs: isNight.value ? { colorPrimary: '#e8703f' } : {},
      // For thumbs, and as strong as everything else that can be done.
      Slider: {
        railSize: 8,
        controlSize: 24,
        handleSize: 24,
        handleSizeHover: 26,
        colorPrimaryBorder: p.ember,
        colorPrimaryBorderHover: p.ember,
        colorFillTertiary: p.ash,
        colorFillSecondary: p.ash,
      },
      Modal: { wireframe: false },
      Drawer: { wireframe: false },
    },
  };
});
