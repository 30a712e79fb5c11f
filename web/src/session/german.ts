// All that German needs, fetched when somebody reads it: the messages, the library's own words, and the names of days and months.
import library from 'ant-design-vue/es/locale/de_DE';
import dayjs from 'dayjs';
import 'dayjs/locale/de';
import { german } from '@emberfield/words/de';

/** In which language the library's calendar names days and months. */
const nameDays = (language: 'en' | 'de'): void => void dayjs.locale(language);

export { german, library, nameDays };
