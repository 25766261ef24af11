/** Median time of one call, milliseconds: `rounds` rounds of as many calls as take about 20 ms. */
export function medianOf(work, rounds = 15) {
  let calls = 1;
  for (;;) {
    const from = performance.now();
    for (let i = 0; i < calls; i++) work(i);
    if (performance.now() - from > 20) break;
    calls *= 2;
  }
  const times = [];
  for (let round = 0; round < rounds; round++) {
    const from = performance.now();
    for (let i = 0; i < calls; i++) work(i);
    times.push((performance.now() - from) / calls);
  }
  return median(times);
}

export const median = (numbers) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)];

/** A table in the console, columns as wide as they need. */
export function table(title, rows) {
  console.log(`\n${title}`);
  const widths = rows[0].map((_, i) => Math.max(...rows.map((row) => String(row[i]).length)));
  for (const row of rows)
    console.log(`  ${row.map((cell, i) => (i === 0 ? String(cell).padEnd(widths[i]) : String(cell).padStart(widths[i]))).join('   ')}`);
}
