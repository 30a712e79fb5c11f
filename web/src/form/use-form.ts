import { computed, nextTick, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import { faultsOf, type Fault, type Schema } from '@emberfield/contract';
import { ApiError } from '../platform/api.ts';
import { plain } from '../platform/plain.ts';
import { useWords } from '../session/words.ts';
import { firstOnPage, isAt, pathOfField } from './fault-places.ts';

/** A field on the screen and the parts of the body that it shows. */
interface FieldOnPage {
  readonly paths: () => readonly string[];
  readonly element: HTMLElement;
}
export interface Form<B> {
  /** What is wrong at a field, as a sentence; '' while nothing is, or while it is too soon to say. */
  readonly faultAt: (paths: readonly string[]) => string;
  /** Somebody went on to the next field: now it may be said. */
  readonly leave: (paths: readonly string[]) => void;
  /** Makes a field known, so that what is wrong is said there and not below; gives back how it is forgotten. */
  readonly join: (field: FieldOnPage) => () => void;
  /** Sends the body if it fits; else shows what does not and goes to the first of it. `undefined` where nothing was done. */
  readonly send: <A>(work: (body: B) => Promise<A>) => Promise<A | undefined>;
  readonly busy: Ref<boolean>;
  /** Whether it could be sent as it is. */
  readonly fits: ComputedRef<boolean>;
  /** What no field of the form can say. */
  readonly failure: Ref<string>;
}
/** What fields ask of their form. */
export type FieldsForm = Pick<Form<never>, 'faultAt' | 'leave' | 'join'>;

/**
 * A form on a schema of the contract, the same that the server refuses by. A field is checked when it is left and all are when the form
 * is sent; nothing is ever put in the place of what was typed. What cannot be understood stands in the body as NaN, which no schema takes.
 * @param limit turns a bound of the schema into what the field counts in (percent, feet)
 */
export function useForm<B>({
  schema,
  body,
  limit = (_, bound) => bound,
}: {
  readonly schema: Schema<B> | 'bytes' | null;
  readonly body: () => unknown;
  readonly limit?: (path: string, bound: number) => number;
}): Form<B> {
  const words = useWords();
  const checked = schema as Schema<B>;
  const faults = computed(() => faultsOf(checked, body()));
  const left = shallowRef<ReadonlySet<string>>(new Set());
  const tried = ref(false);
  const busy = ref(false);
  const failure = ref('');
  /** What the server said of a field; it holds until something is changed. */
  const refused = shallowRef<{ readonly path: string; readonly said: string } | null>(null);
  const fields = new Set<FieldOnPage>();
  watch(
    () => JSON.stringify(body()),
    () => {
      refused.value = null;
      failure.value = '';
    },
  );

  function say({ path, reason, limit: bound }: Fault): string {
    const { t, format } = words.value;
    const said = bound === null ? '' : t(`form.${reason}`, { limit: format.number(limit(path, bound), 2) });
    return said === '' || said.startsWith('form.') ? t(`reasons.${reason}`) : said;
  }
  const faultAt = (paths: readonly string[]): string => {
    const asked = tried.value || paths.some((p) => left.value.has(p));
    const fault = asked ? faults.value.find((f) => isAt(paths, f.path)) : undefined;
    if (fault) return say(fault);
    return refused.value && isAt(paths, refused.value.path) ? refused.value.said : '';
  };
  const hasField = (path: string): boolean => [...fields].some((f) => isAt(f.paths(), path));

  async function show(paths: readonly string[]): Promise<void> {
    await nextTick();
    firstOnPage([...fields].filter((f) => paths.some((p) => isAt(f.paths(), p))))?.focus();
  }
  async function land(error: unknown): Promise<void> {
    const path = error instanceof ApiError ? pathOfField(error.field) : null;
    if (path === null || !hasField(path)) return void (failure.value = (error as Error).message);
    const { reason, message } = error as ApiError;
    const known = reason !== null && words.value.t(`reasons.${reason}`);
    refused.value = { path, said: known && !known.startsWith('reasons.') ? known : message };
    await show([path]);
  }

  async function send<A>(work: (body: B) => Promise<A>): Promise<A | undefined> {
    if (busy.value) return undefined;
    tried.value = true;
    failure.value = '';
    const wrong = faults.value;
    if (wrong.length > 0) {
      const homeless = wrong.filter((f) => !hasField(f.path));
      failure.value = [...new Set(homeless.map(say))].join(' ');
      await show(wrong.map((f) => f.path));
      return undefined;
    }
    busy.value = true;
    try {
      const done = await work(plain(body() as B));
      tried.value = false;
      left.value = new Set();
      return done;
    } catch (error) {
      await land(error);
      return undefined;
    } finally {
      busy.value = false;
    }
  }

  return {
    faultAt,
    leave: (paths) => void (left.value = new Set([...left.value, ...paths])),
    join: (field) => {
      fields.add(field);
      return () => void fields.delete(field);
    },
    send,
    busy,
    fits: computed(() => faults.value.length === 0),
    failure,
  };
}
