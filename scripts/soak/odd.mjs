// Odd requests made from the published description of the API, and from the ends of every range of every construction.

/** A number that is the same again for the same seed. */
export function dice(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const pick = (list, random) => list[Math.floor(random() * list.length)];
const ODD = [null, true, -1, 0, 1e308, '', 'x', '\u0000', [], {}, [[]], { a: { b: 1 } }, '2027-13-45', '__proto__'];

/** A value a schema describes, or now and then something else. */
function valueOf(schema, components, random, depth = 0) {
  if (!schema || depth > 5 || random() < 0.12) return pick(ODD, random);
  if (schema.$ref) return valueOf(components[schema.$ref.split('/').pop()], components, random, depth + 1);
  if (schema.enum) return pick(schema.enum, random);
  switch (schema.type) {
    case 'object':
      return Object.fromEntries(
        Object.entries(schema.properties ?? { a: { type: 'number' } })
          .filter(([name]) => random() < ((schema.required ?? []).includes(name) ? 0.95 : 0.5))
          .map(([name, each]) => [name, valueOf(each, components, random, depth + 1)]),
      );
    case 'array':
      return Array.from({ length: Math.floor(random() * 4) }, () => valueOf(schema.items, components, random, depth + 1));
    case 'number':
    case 'integer':
      return pick([schema.minimum ?? 0, schema.maximum ?? 1000, 1, 20, 300.5, -3], random);
    case 'boolean':
      return random() < 0.5;
    default:
      return pick(['Alva', 'circle-skirt', '2027-05-14', 'woven', 'x'.repeat(130)], random);
  }
}

/** A body each call would take; fields of it are made odd. `PERSON` stands for the id of somebody who is there. */
const GOOD = {
  '/api/people': { name: 'Alva', note: '', child: false },
  '/api/people/{id}': { version: 1, name: 'Alva', note: 'sings alto', child: true },
  '/api/people/{id}/measures': { entries: [{ measure: 'waist-girth', value: 700, takenOn: '2027-02-01', note: '' }] },
  '/api/cloths': { name: 'Linen', width: 1400, kind: 'woven', print: 'up', repeat: 300, shrinkAlong: 0.04, colour: '#b96a5a', lengthOnHand: 2000 },
  '/api/cloths/{id}': { version: 1, width: 1200, selvedge: 10 },
  '/api/elastics': { name: 'Soft', width: 20, kind: 'knitted', greatestStretch: 1.8 },
  '/api/elastics/{id}': { version: 1, width: 25 },
  '/api/makes': { name: 'Slip', construction: 'circle-skirt', personId: 'PERSON', choices: { length: 600, fraction: 1 }, dueOn: '2027-05-14' },
  '/api/makes/{id}': {
    version: 1,
    choices: { length: 620 },
    done: ['sew:hem'],
    chalked: { 'chalk:skirt:hem': [738] },
    lay: [{ piece: 'skirt', copy: 0, turn: 0, x: 1, y: 2 }],
  },
  '/api/makes/{id}/lays': { lays: [{ key: 'k', settled: true, placements: [{ piece: 'skirt', copy: 0, turn: 0, x: 1, y: 2 }] }] },
  '/api/makes/{id}/log': { finishedOn: '2027-03-01', verdict: 'love', actuals: { 'hem-sweep': 4000 }, note: '', nextTime: '' },
  '/api/plans/preview': {
    construction: 'gored-skirt',
    body: { 'waist-girth': 700, 'hip-girth': 960 },
    choices: { gores: 6 },
    cloth: { width: 1400 },
    units: 'in',
  },
};

/** The same with some of its fields, at any depth, left out or made odd. */
function madeOdd(value, random) {
  if (random() < 0.06) return pick(ODD, random);
  if (Array.isArray(value)) return value.map((each) => madeOdd(each, random));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(() => random() > 0.05)
      .map(([name, each]) => [name, madeOdd(each, random)]),
  );
}

/** Every call the description knows, as a maker of requests. `ids`: what an id in an address may be, somebody's who is there first. */
export function callsOf({ paths, components }, ids) {
  const someone = (value) => JSON.parse(JSON.stringify(value).replaceAll('PERSON', ids[0]));
  return Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, { requestBody }]) => ({
      name: `${method.toUpperCase()} ${path}`,
      make: (random) => ({
        method: method.toUpperCase(),
        path: path.replace(/\{[^}]+\}/g, () => pick(ids, random)),
        body:
          requestBody &&
          (GOOD[path] && random() < 0.8
            ? madeOdd(someone(GOOD[path]), random)
            : valueOf(requestBody.content['application/json']?.schema, components.schemas ?? {}, random)),
      }),
    })),
  );
}

/** A plan with choices at the ends of their ranges. */
export function extremePlan(constructions, random) {
  const { id, choices } = pick(constructions, random);
  const chosen = Array.from({ length: 1 + Math.floor(random() * 4) }, () => pick(choices, random)).map((choice) => {
    const { kind, options, min = 0, max = 100 } = choice;
    if (kind === 'yes-no') return [choice.id, random() < 0.5];
    if (kind === 'one-of') return [choice.id, pick(options, random)];
    return [choice.id, pick([min, max, kind === 'count' ? Math.round((min + max) / 2) : min + random() * (max - min)], random)];
  });
  const body = {
    'waist-girth': pick([300, 700, 1400], random),
    'hip-girth': pick([300, 960, 1600], random),
    'waist-to-hip': 200,
    'waist-to-knee': 580,
  };
  const cloth = { width: pick([51, 300, 1100, 1500, 9000], random), repeat: pick([0, 0, 7, 300, 2000], random), oneWay: random() < 0.3 };
  return { construction: id, body, choices: Object.fromEntries(chosen), cloth };
}
