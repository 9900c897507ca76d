import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect } from 'react';
import {
  Controller,
  useForm,
  type Control,
  type DefaultValues,
  type FieldPath,
  type FieldPathValue,
  type FieldValues,
} from 'react-hook-form';
import type * as z from '@/core/zod';
import { draftOf, keepDraft } from './drafts';
import { Field, type FieldProps } from './Field';

/** What a form gathers: the shape of its fields, and what must hold before they count. */
export type FormOf<V extends FieldValues> = {
  /** What its draft is called. */
  readonly name: string;
  readonly fields: z.ZodMiniType<V, V>;
  /** The same with the checks that hold it up; it says why at the field. */
  readonly whole: z.ZodMiniType<V, V>;
};

function storedDraft<V extends FieldValues>({ name, fields }: FormOf<V>): V | undefined {
  try {
    return fields.safeParse(JSON.parse(draftOf(name))).data;
  } catch {
    return undefined;
  }
}

/**
 * A form that gathers several fields before they count. What is left stays as a draft, which is offered again; `discard`
 * forgets it, as whoever takes what was gathered does.
 */
export function useDraftForm<V extends FieldValues>(of: FormOf<V>, blank: V) {
  const { name, whole } = of;
  const form = useForm<V, unknown, V>({
    // all fields have a value
    defaultValues: (storedDraft(of) ?? blank) as DefaultValues<V>,
    resolver: zodResolver<V, unknown, V>(whole),
  });
  const { subscribe, reset } = form;
  useEffect(() => {
    const stop = subscribe({
      formState: { values: true },
      callback: ({ values }) => keepDraft(name, JSON.stringify(values)),
    });
    // a field that is left with the form saves right after this
    return () => queueMicrotask(stop);
  }, [subscribe, name]);
  const discard = () => {
    reset(blank);
    keepDraft(name, '');
  };
  return { ...form, discard };
}

type FormFieldProps<V extends FieldValues, N extends FieldPath<V>> = {
  control: Control<V, unknown, V>;
  name: N;
  /** The value as text. */
  text: (value: FieldPathValue<V, N>) => string;
} & Omit<FieldProps<FieldPathValue<V, N>>, 'text' | 'onSave' | 'refusal' | 'takeHold'>;

/** A field of a form: what is read from it becomes a value of the form, and what the form refuses is said at it. */
export const FormField = <V extends FieldValues, N extends FieldPath<V>>({
  control,
  name,
  text,
  ...field
}: FormFieldProps<V, N>) => (
  <Controller
    control={control}
    name={name}
    render={({ field: { value, onChange, ref }, fieldState: { error } }) => (
      <Field
        {...field}
        text={text(value)}
        onSave={onChange}
        refusal={error?.message ?? null}
        takeHold={ref}
      />
    )}
  />
);
