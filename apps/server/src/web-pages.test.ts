import { describe, expect, it } from 'vitest';
import { isApi, scriptsFor } from './web-pages.ts';

const manifest = {
  'src/make/make-page.tsx': { file: 'assets/make.js', imports: ['_core.js', '_react.js'] },
  'src/make/stations/chalk-station.tsx': { file: 'assets/chalk.js', imports: ['_core.js', '_board.js'] },
  '_core.js': { file: 'assets/core.js', imports: ['_react.js'] },
  '_react.js': { file: 'assets/react.js' },
  '_board.js': { file: 'assets/board.js', imports: ['_core.js'] },
};

describe('scripts told of ahead', () => {
  it('are those of the make and its station, each once, down to what they need', () => {
    const told = scriptsFor('/makes/20215fcc-a9ef-436b-9e05-d71351b8eeed/chalk', manifest);
    expect([...told].sort()).toEqual(['assets/board.js', 'assets/chalk.js', 'assets/core.js', 'assets/make.js', 'assets/react.js']);
  });
  it.each(['/', '/people', '/makes/new', '/makes/20215fcc-a9ef-436b-9e05-d71351b8eeed'])('are none at %s', (path) =>
    expect(scriptsFor(path, manifest)).toEqual([]),
  );
  it('are none where the build tells of none', () => expect(scriptsFor('/makes/20215fcc-a9ef-436b-9e05-d71351b8eeed/sew', {})).toEqual([]));
});

it('an address of the API is one however it is written', () => {
  for (const path of ['/api', '/api/', '/API/people', '/api/x']) expect(isApi({ path })).toBe(true);
  for (const path of ['/', '/apiary', '/makes/api']) expect(isApi({ path })).toBe(false);
});
