import type { Component } from 'svelte';
import { describe, expect, it } from 'vitest';
import { asClassComponent } from './root-component.mjs';

interface Paper {
  push: (html: string) => void;
  head: (write: (paper: Paper) => void) => void;
}
const root = ((paper: Paper, props: { readonly name: string }) => {
  if (props.name === '') throw new RangeError('no name');
  paper.push(`<p>${props.name}</p>`);
  paper.head((head) => head.push('<title>Nimsy</title>'));
}) as unknown as Component;

describe('the application’s root', () => {
  it('is written with its head and its body, as the framework asks for them', () => {
    const written = asClassComponent(root).render({ name: 'Sod webworm' });
    expect(written.html).toContain('<p>Sod webworm</p>');
    expect(written.head).toContain('<title>Nimsy</title>');
    expect(written.css).toEqual({ code: '', map: null });
    expect(Object.getOwnPropertyDescriptor(written, 'html')?.get).toBeUndefined();
  });

  it('throws what a component of it throws, where the framework makes a page of errors of it', () => {
    expect(() => asClassComponent(root).render({ name: '' })).toThrow(RangeError);
  });
});
