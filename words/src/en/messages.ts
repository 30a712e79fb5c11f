import { bench } from './bench.ts';
import { calendar } from './calendar.ts';
import { errors, form, leftOut, reasons, things } from './errors.ts';
import { families } from './families.ts';
import { files } from './files.ts';
import { hearth } from './hearth.ts';
import { help } from './help.ts';
import { identify } from './identify.ts';
import { ownPlants } from './own-plants.ts';
import { patches } from './patches.ts';
import { people } from './people.ts';
import { plants } from './plants.ts';
import { proof } from './proof.ts';
import { replanting } from './replanting.ts';
import { scouting } from './scouting.ts';
import { sentences } from './sentences.ts';
import { shell } from './shell.ts';
import { signs } from './signs.ts';
import { stands } from './stands.ts';
import { uses } from './uses.ts';
import { visits } from './visits.ts';
import { permits } from './permits.ts';
import { field } from './field.ts';
import { rounds } from './rounds.ts';
import { ledger } from './ledger.ts';
import { practice } from './practice.ts';
import { supply } from './supply.ts';
import { wants } from './wants.ts';
import { weather } from './weather.ts';
import { year } from './year.ts';
import { larder } from './larder.ts';
import { sandbox } from './sandbox.ts';
import { tastes } from './tastes.ts';
import { scale } from './scale.ts';
import { way } from './way.ts';

/** Everything Emberfield says, in English: by view, then what several views say, then what went wrong. */
export const english = {
  ...shell,
  ...people,
  ...hearth,
  ...help,
  ...stands,
  ...uses,
  ...visits,
  ...patches,
  ...plants,
  ...ownPlants,
  ...families,
  ...signs,
  ...identify,
  ...replanting,
  ...scouting,
  ...files,
  ...permits,
  ...rounds,
  ...way,
  ...scale,
  ...larder,
  ...field,
  ...ledger,
  ...practice,
  ...sandbox,
  ...tastes,
  ...supply,
  ...wants,
  ...weather,
  ...year,
  ...bench,
  ...calendar,
  ...proof,
  ...sentences,
  errors,
  form,
  reasons,
  leftOut,
  things,
};
