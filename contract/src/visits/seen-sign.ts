import type { Schema } from 'yup';
import type { SeenSign } from '@emberfield/core/identity';
import { exactly, flag, given, line, maybe } from '../platform/schema.ts';
import { isSignState } from '../plants/signs.ts';

/** A state of the vocabulary that was seen, or looked for and not there. */
export const seenSign = (): Schema<SeenSign> =>
  exactly({ sign: line(40), state: line(40), present: flag(), again: maybe(flag()) })
    .required('missing')
    .test(
      'known',
      'unknownState',
      given((s) => isSignState(s.sign, s.state)),
    );
