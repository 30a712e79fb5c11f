import { readdirSync, readFileSync } from 'node:fs';
import { expect } from 'chai';
import { ERROR_CODES, HAZARDS, SIGNS, UNIT_KEYS } from '@emberfield/contract';
import { createWords, MESSAGES, sayUse, type Messages } from './index.ts';

const flat = (m: Messages, path = ''): (readonly [string, string])[] =>
  Object.entries(m).flatMap(([k, v]) =>
    typeof v === 'string' ? [[`${path}${k}`, v] as const] : flat(v, `${path}${k}.`),
  );
const english = new Map(flat(MESSAGES.en));
const german = new Map(flat(MESSAGES.de));
const holes = (text: string): readonly string[] => [...new Set(text.match(/\{\w+\}/g) ?? [])].sort();
const words = createWords('de');
const DAY = '2026-05-15';
const range = (p10: string, p50: string, p90: string) => ({ p10, p50, p90 });
const window = {
  opens: range('2026-05-18', '2026-05-21', '2026-05-25'),
  closes: range('2026-06-01', '2026-06-05', '2026-06-11'),
};

/** The same in both languages: names, forms of files, signs, and words that both have. */
const ALIKE =
  /^(Emberfield( · \{group\})?|Station|Thermometer, .*|In \{name\}|CSV|[\d.,\s–-]*|GeoJSON|GPX|KML|KMZ|Name|Plan|Demo|Tablet|%|\S|.*\{name\} \(\{\w+\}\)|\{.*|orange|oval|km|m|mild|bitter)$/;

describe('German', () => {
  it('has every message that English has, and no other', () => {
    expect([...german.keys()].sort()).to.deep.equal([...english.keys()].sort());
  });
  it('has each group of messages in one file: of two of one name the later would silence the earlier', async () => {
    for (const language of ['en', 'de']) {
      const folder = new URL(`./${language}/`, import.meta.url);
      const files = readdirSync(folder).filter((f) => f.endsWith('.ts') && f !== 'messages.ts');
      const whole = readFileSync(new URL('messages.ts', folder), 'utf8');
      const rooms = await Promise.all(
        files.map(async (file) => Object.entries((await import(new URL(file, folder).href)) as Record<string, object>)),
      );
      const names = rooms
        .flat()
        .flatMap(([room, groups]) => (whole.includes(`...${room},`) ? Object.keys(groups) : []));
      expect(names.length, language).to.be.above(20);
      expect(
        names.filter((name, i) => names.indexOf(name) !== i),
        language,
      ).to.deep.equal([]);
    }
  });
  it('is not English: what is the same in both is a name or a form', () => {
    const same = [...english].filter(
      ([key, text]) => german.get(key) === text && !ALIKE.test(text) && /[a-z]{3}/.test(text),
    );
    expect(same.map(([key, text]) => `${key}: ${text}`)).to.deep.equal([]);
  });
  it('says what a window is for, of the shipped list; another use as it was written', () => {
    expect([
      sayUse(words.t, 'late leaves'),
      sayUse(words.t, 'cooked, autumn'),
      sayUse(words.t, 'bird lime'),
    ]).to.deep.equal(['späte Blätter', 'gekocht, im Herbst', 'bird lime']);
    expect(sayUse(createWords('en').t, 'retted standing')).to.equal('retted standing');
  });
  it('fills the same holes', () => {
    for (const [key, text] of english) {
      const here = holes(german.get(key)!);
      // Where German counts in the message itself, it may leave the counted days out; nothing else is lost or made up.
      const mayCount = key.endsWith('.opensIn') || key === 'coal.kindling';
      const wanted = mayCount ? holes(text.replace('{days}', '{n}')) : holes(text);
      expect(here, key).to.deep.equal(wanted);
    }
  });
  it('has one and many where English has', () => {
    for (const [key, text] of english)
      if (text.includes(' | ')) expect(german.get(key)!.split(' | '), key).to.have.length(text.split(' | ').length);
  });
  it('never promises that something does no harm, never congratulates', () => {
    for (const [key, text] of german)
      expect(text, key).not.to.match(/ungefährlich|unbedenklich|harmlos|essbar|bedenkenlos|erfolgreich|!$|garantiert/i);
  });
  it('uses its own quotation marks and no others', () => {
    for (const [key, text] of german) {
      expect(text, key).not.to.match(/"|“[^“„]*”/);
      expect((text.match(/„/g) ?? []).length, key).to.equal((text.match(/“/g) ?? []).length);
    }
  });
  it('counts in every unit, one and many, and writes numbers with its comma', () => {
    for (const unit of UNIT_KEYS) expect(words.amount(1, unit), unit).to.match(/^1\s/);
    expect(words.amount(1, 'leaf')).to.equal('1 Blatt');
    expect(words.amount(1400, 'leaf')).to.equal('1.400 Blätter');
    expect(words.amount(2.4, 'litre')).to.equal('2,4 Liter');
  });
  it('puts days into the case that the sentence asks for', () => {
    const soon = (n: number) =>
      words.window({ ...window, readiness: { state: 'kindling', daysToOpen: n, fill: 0.5 } }, DAY);
    expect(soon(6)).to.equal('öffnet in etwa 6 Tagen (3–10)');
    expect(soon(1)).to.equal('öffnet in etwa 1 Tag (3–10)');
    expect(words.windowShort({ ...window, readiness: { state: 'fading', daysLeft: 9, quality: 1 } }, DAY)).to.match(
      /^noch 9 Tage \(/,
    );
    expect(words.coal({ state: 'kindling', daysToOpen: 6, fill: 0.5 }, false)).to.equal(
      'glimmt an: öffnet in etwa 6 Tagen',
    );
    expect(words.yearLead(6)).to.equal('Das Jahr ist 6 Tage voraus');
  });
  it('writes days, lists and measures as German does', () => {
    expect(words.format.day('2026-06-03')).to.equal('3. Juni');
    expect(words.format.dayAndYear('2026-06-03')).to.equal('3. Juni 2026');
    expect(words.format.list(['Schierling', 'Eibe', 'Aronstab'])).to.equal('Schierling, Eibe und Aronstab');
    expect(words.format.temperatureSpan(1.5, 1)).to.equal('1,5 °C');
    expect(words.format.shortWeekday('2026-05-15')).to.match(/^Fr\.? 15\. Mai$/);
  });
  it('names a look-alike in German where the rule does', () => {
    const seen = { kind: 'lookAlikeSeen', values: { name: { en: 'Autumn crocus', de: 'Herbstzeitlose' } } };
    expect(words.ceiling(seen, 'leaf')).to.equal('Herbstzeitlose in diesem Bestand gesehen');
    expect(createWords('en').ceiling(seen, 'leaf')).to.equal('Autumn crocus seen in this stand');
  });
  it('says what a refusal is about and who one is', () => {
    expect(words.error('notFound', { what: 'stand' })).to.equal(
      'So etwas gibt es hier nicht (Bestand), oder du darfst es nicht sehen.',
    );
    expect(words.error('notAllowed', { role: 'watcher' })).to.match(/^Als Beobachter darfst du das nicht/);
    for (const code of ERROR_CODES)
      expect(words.error(code, { reason: 'missing', field: 'day' }), code)
        .to.match(/^[A-ZÄÖÜ].*[.]$/s)
        .and.not.match(/\{/);
  });
  it('names every sign, state and hazard', () => {
    for (const { key, states } of SIGNS)
      for (const state of states) expect(words.t(`state.${key}.${state}`), state).not.to.match(/^state\./);
    for (const hazard of HAZARDS) expect(words.t(`patch.hazardAdvice.${hazard}`)).to.match(/\.$/);
  });
  it('keeps a catalogue text in English where it has no German', () => {
    expect(words.text({ en: 'young leaves', de: 'junge Blätter' })).to.equal('junge Blätter');
    expect(words.text({ en: 'Snap it.' })).to.equal('Snap it.');
  });
});
