/** Genus and species of a scientific name: by them a look-alike is found among the profiles. */
export const binomialOf = (scientific: string): string => scientific.split(' ').slice(0, 2).join(' ');
