import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { faultsOf, plantProfileSchema, type PlantListItem } from '@emberfield/contract';
import { isoDay } from '@emberfield/core/measure';
import { usualStageDays } from '@emberfield/core/stages';
import { createWords } from '@emberfield/words';
import { blankPart, blankPlain, blankTwin, plainSchema, renamed, sentForm, type PlainForm } from './plain-form.ts';
import { plainOf, profileFromPlain } from './plain-plant.ts';

const list = CATALOGUE.map((p) => ({ ...p, own: false })) as unknown as PlantListItem[];
const words = createWords('en');
const nuts = { ...blankPart('fruit'), use: 'shelled', perPlant: 300, cap: 40, periods: [{ from: 258, to: 304 }] };
const hickory = (over: Partial<PlainForm> = {}): PlainForm => ({
  ...blankPlain('Mockernut hickory'),
  key: 'mockernut-hickory',
  scientific: 'Carya tomentosa',
  family: 'Juglandaceae',
  habit: 'tree',
  region: 'eastern woods',
  landmarks: { leafOut: 125, flowering: 140, fruitRipe: null, dyingBack: null },
  parts: [nuts],
  twins: [
    { ...blankTwin(), name: 'Buckeye', scientific: 'Aesculus flava', severity: 'poisonous', separatedBy: 'one scar' },
  ],
  cautions: [{ class: 'handling', text: 'Husks stain.' }],
  shows: [
    { sign: 'bark', states: ['peeling'] },
    { sign: 'fruit', states: ['nut', 'capsule'] },
  ],
  ...over,
});
const faults = (form: PlainForm, ownKey: string | null = null): readonly string[] =>
  faultsOf(plainSchema(list, ownKey), form).map((f) => `${f.path}: ${f.reason}`);

describe('a plant of one’s own from nothing', () => {
  it('makes a profile that the contract takes, with a window between its dates, estimates all', () => {
    const made = profileFromPlain(hickory(), words, 'en');
    expect(faultsOf(plantProfileSchema, made)).to.deep.equal([]);
    expect(made.stages.map((s) => s.key)).to.deep.equal(['leafOut', 'flowering', 'fruit1Opens', 'fruit1Closes']);
    expect(made.windows[0]).to.deep.include({ part: 'fruit', use: 'shelled' });
    // A third of the plants at most, where nobody says otherwise: it costs them their seed.
    expect(made.ceilings.map((c) => c.rule)).to.deep.equal([
      { kind: 'perPlantCap', perPlant: 40 },
      { kind: 'fixedShare', share: 0.33 },
    ]);
    expect(made.shows[0]!.states).to.deep.equal({ peeling: 0.9 });
    expect(made.shows[1]!.states).to.deep.equal({ nut: 0.6, capsule: 0.6 });
  });
  it('comes back into the form as it was typed', () => {
    const form = hickory();
    expect(plainOf(profileFromPlain(form, words, 'en'), words)).to.deep.equal({
      ...form,
      parts: [{ ...nuts, method: words.t('ownPlant.usualMethod') }],
      about: words.t('ownPlant.usualAbout'),
      bring: words.t('ownPlant.usualBring'),
      keeping: words.t('ownPlant.usualKeeping'),
    });
    expect(plainOf(CATALOGUE[0]!, words)).to.equal(null);
  });
  it('that holds at a place comes back with it, and can be saved again as it is', () => {
    const at = { latitudeDeg: -38, heightM: 400, placeId: 'creek' };
    const again = plainOf(profileFromPlain(hickory({ at, south: true }), words, 'en'), words)!;
    expect([again.at, again.south]).to.deep.equal([{ ...at, placeId: '' }, true]);
    expect(again.parts[0]!.periods).to.deep.equal(nuts.periods);
    expect(faults(again, again.key)).to.deep.equal([]);
  });
  it('comes back with its season and what brings it on; a season does not begin amid what is taken', () => {
    const form = hickory({ start: 200, goesBy: 'calendar' });
    const made = profileFromPlain(form, words, 'en');
    expect(faultsOf(plantProfileSchema, made)).to.deep.equal([]);
    const { start, goesBy } = plainOf(made, words)!;
    expect({ start, goesBy }).to.deep.equal({ start: 200, goesBy: 'calendar' });
    expect(faults(form)).to.deep.equal([]);
    expect(faults(hickory({ start: 270 }))).to.deep.equal([': startWithinPeriod']);
  });
  it('of the south has its days there, whether a place is named or not', () => {
    const made = profileFromPlain(hickory({ south: true }), words, 'en');
    const days = usualStageDays({ ...made, site: { latitudeDeg: -38, heightM: 0 } }, 2026).map((d) =>
      isoDay(d).slice(5),
    );
    expect(days[made.stages.findIndex((s) => s.key === 'fruit1Opens')]).to.equal('09-15');
  });
  it('is no longer one of dates alone once it knows more, so that saving it loses nothing', () => {
    const made = profileFromPlain(hickory(), words, 'en');
    const [part] = made.parts;
    const richer: readonly Partial<typeof made>[] = [
      { parts: [{ ...part!, massG: part!.perPlant }] },
      { parts: [{ ...part!, minAgeYears: 4 }] },
      { substitutes: [{ plantKey: 'hazel', purpose: { en: 'nuts' } }] },
      { works: ['bbch2001'] },
      { ceilings: [...made.ceilings, { parts: null, rule: { kind: 'matureOnly' } }] },
      { shows: [{ sign: 'bark', states: { peeling: 0.4 }, when: null }] },
    ];
    for (const more of richer) expect(plainOf({ ...made, ...more }, words), JSON.stringify(more)).to.equal(null);
    // What it is called may be anything: names that the form has no field for stay.
    const named = { ...made, parts: [{ ...part!, name: { en: 'sweet nuts' } }] };
    const form = plainOf(named, words)!;
    expect(profileFromPlain(form, words, 'en', named).parts[0]!.name).to.deep.equal({ en: 'sweet nuts' });
  });
  it('holds a dangerous look-alike shut while it is taken, where nobody says more', () => {
    expect(profileFromPlain(hickory(), words, 'en').lookAlikes[0]!.apartFrom).to.equal('never');
    // A day that was taken out of the year again says nothing either.
    const twins = [{ ...hickory().twins[0]!, apart: 'dyingBack' }];
    expect(profileFromPlain(hickory({ twins }), words, 'en').lookAlikes[0]!.apartFrom).to.equal('never');
  });
  it('has nothing to take where it is harmful, and says by its signs what it is', () => {
    expect(sentForm(hickory({ severity: 'deadly' })).parts).to.deep.equal([]);
    expect(sentForm(hickory()).parts).to.deep.equal([nuts]);
    expect(faults(hickory({ severity: 'deadly' }))).to.deep.equal([]);
    expect(faults(hickory({ severity: 'deadly', shows: hickory().shows.slice(1) }))).to.deep.equal([
      ': dangerNeedsSigns',
    ]);
  });
  it('is refused with the place of what does not fit', () => {
    expect(faults(hickory())).to.deep.equal([]);
    expect(faults(hickory({ scientific: 'Urtica dioica' }))).to.deep.equal(['scientific: speciesIsShipped']);
    expect(faults(hickory({ scientific: 'hickory' }))).to.deep.equal(['scientific: notABinomial']);
    expect(faults(hickory({ key: 'nettle' }))).to.deep.equal(['key: keyTaken']);
    expect(faults(hickory({ parts: [nuts, nuts] }))).to.deep.equal(['parts: partTwice']);
    expect(faults(hickory({ parts: [{ ...nuts, periods: [{ from: 10, to: 9 }] }] }))).to.deep.equal([
      'parts: windowsLeaveNoDay',
    ]);
    expect(faults(hickory({ parts: [{ ...nuts, periods: [{ from: NaN, to: 9 }] }] }))).to.deep.equal([
      'parts[0].periods[0].from: notANumber',
    ]);
  });
  it('says in both languages what was typed in one, so that nobody meets an empty word', () => {
    const made = profileFromPlain(hickory({ name: 'Schuppenhickory' }), createWords('de'), 'de');
    expect(made.names).to.deep.equal({ en: 'Schuppenhickory', de: 'Schuppenhickory' });
  });
  it('takes its key from its name until somebody chooses one', () => {
    const form = { ...blankPlain(), key: '' };
    expect(renamed(form, 'Sweet fern')).to.deep.equal({ name: 'Sweet fern', key: 'sweet-fern' });
    expect(renamed({ ...form, key: 'mine' }, 'Sweet fern').key).to.equal('mine');
  });
});
