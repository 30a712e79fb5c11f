import { useLocalStorage, usePreferredDark } from '@vueuse/core';
import { theme } from 'ant-design-vue';
import { computed, watchEffect } from 'vue';

const wanted = useLocalStorage<'day' | 'night' | 'system'>('emberfield-theme', 'system');
const dark = usePreferredDark();
export const isNight = computed(() => (wanted.value === 'system' ? dark.value : wanted.value === 'night'));
export const toggleNight = (): void => void (wanted.value = isNight.value ? 'day' : 'night');
watchEffect(() => document.documentElement.setAttribute('data-theme', isNight.value ? 'night' : 'day'));

const FONT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";

/** The library's parts in the palette of the house. */
export const antTheme = computed(() => ({
  algorithm: isNight.value ? theme.darkAlgorithm : theme.defaultAlgorithm,
  token: isNight.value
    ? {
        colorPrimary: '#E8703F',
        colorError: '#FFB199',
        colorBgBase: '#1E1A17',
        colorTextBase: '#EDE4D6',
        colorLink: '#E8703F',
        borderRadius: 3,
        fontFamily: FONT,
        fontSize: 15,
        colorBorder: '#7C7064',
        controlHeight: 36,
        colorTextPlaceholder: '#A89C8E',
      }
    : {
        colorPrimary: '#A53C16',
        colorError: '#A11D12',
        colorBgBase: '#FFFDF8',
        colorTextBase: '#2B2622',
        colorLink: '#A53C16',
        borderRadius: 3,
        fontFamily: FONT,
        fontSize: 15,
        colorBorder: '#8F8578',
        controlHeight: 36,
        colorTextPlaceholder: '#6B6259',
      },
}));
