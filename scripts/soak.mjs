// npm run soak [seconds]: kills, a full disk, odd requests and stale writes against the built server; what came of it in one table.
import { build, install } from './prepare.mjs';

install();
build();
const { soak } = await import('./soak/soak.mjs');
const { rows, faults } = await soak(Number(process.argv[2] ?? 120));
const wide = Math.max(...rows.map(([name]) => name.length));
for (const [name, value] of rows) console.log(`${name.padEnd(wide)}  ${value}`);
for (const fault of faults) console.log(`FAULT ${fault}`);
process.exit(faults.length > 0 ? 1 : 0);
