import { v5 as digestId } from 'uuid';

/**
 * Key of one part of a draft, made of the draft's own key: as often as the draft is sent, from whichever tab, the part has the same.
 * It begins with the draft's time, as all keys do, so that it lies among those made with it.
 * @example derivedId('01990000-0000-7000-8000-000000000000', 'visit').slice(0, 13) // '01990000-0000'
 */
export const derivedId = (key: string, part: string): string => `${key.slice(0, 13)}${digestId(part, key).slice(13)}`;
