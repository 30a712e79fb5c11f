/** Works that profiles name for reading on, and figures may name as their source. What has none says "estimate". */
export const SOURCES: Readonly<Record<string, string>> = {
  bbch2001: 'Meier, U. (ed.) (2001). Growth stages of mono- and dicotyledonous plants. BBCH Monograph, 2nd edition.',
  ernst1979:
    'Ernst, W. H. O. (1979). Population biology of Allium ursinum in northern Germany. Journal of Ecology 67, 347–362.',
  taylor2009:
    'Taylor, K. (2009). Biological Flora of the British Isles: Urtica dioica L. Journal of Ecology 97, 1436–1458.',
  gross1980:
    'Gross, R. S., Werner, P. A. & Hawthorn, W. R. (1980). The biology of Canadian weeds. 38. Arctium minus (Hill) Bernh. and A. lappa L. Canadian Journal of Plant Science 60, 621–634.',
  atkinson2002:
    'Atkinson, M. D. & Atkinson, E. (2002). Biological Flora of the British Isles: Sambucus nigra L. Journal of Ecology 90, 895–923.',
  pigott1991:
    'Pigott, C. D. (1991). Biological Flora of the British Isles: Tilia cordata Miller. Journal of Ecology 79, 1147–1207.',
  grace1986:
    'Grace, J. B. & Harrison, J. S. (1986). The biology of Canadian weeds. 73. Typha latifolia L., Typha angustifolia L. and Typha × glauca Godr. Canadian Journal of Plant Science 66, 361–379.',
  habitats1992:
    'Council Directive 92/43/EEC of 21 May 1992 on the conservation of natural habitats and of wild fauna and flora, Annex V.',
};
