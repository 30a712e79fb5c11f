/** What a browser says it runs on, in the few kinds that tell one session from another. */
export function deviceOf(browser: string): 'phone' | 'tablet' | 'computer' {
  if (/iPad|Tablet|Android(?!.*Mobi)/.test(browser)) return 'tablet';
  return /Mobi|iPhone/.test(browser) ? 'phone' : 'computer';
}
