import { unkeepable } from './api.js';
import { ownNames } from './app.js';

describe('the names the server answers to', () => {
  const names = (address: string, port: number, origins?: string[]) => [
    ...ownNames({ address, port, ...(origins && { origins }) }),
  ];
  it('are its own loopback names with its port, and nothing else', () => {
    expect(names('127.0.0.1', 8700).map(([n]) => n)).toEqual(['127.0.0.1:8700', 'localhost:8700', '[::1]:8700']);
    expect(names('192.0.2.7', 8700).map(([n]) => n)).toEqual(['192.0.2.7:8700']);
  });
  it('are those it is told to be reached at, and those with TLS have cookies that go over TLS only', () => {
    const all = ownNames({
      address: '127.0.0.1',
      port: 8700,
      origins: ['https://porch.example', 'https://inside.test:81'],
    });
    expect(all.get('porch.example')).toEqual({ secure: true });
    expect(all.get('inside.test:81')).toEqual({ secure: true });
    expect(all.get('evil.example')).toBeUndefined();
  });
});

describe('what cannot be kept', () => {
  it('is a NUL, half a character, or what is nested without end; an ordinary document is none of that', () => {
    const deep = (n: number): unknown => (n ? [deep(n - 1)] : 'x');
    for (const bad of ['a\0', '\ud800', { a: ['b\0'] }, { 'k\0': 1 }, deep(60)]) expect(unkeepable(bad)).toBeTrue();
    for (const good of ['😀', { a: [1, null, true, 'b'] }, deep(30), null, 7]) expect(unkeepable(good)).toBeFalse();
    let without: unknown = 'x';
    for (let n = 0; n < 200_000; n++) without = [without];
    expect(unkeepable(without)).toBeTrue();
  });
});
