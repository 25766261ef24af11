import { networkInterfaces } from 'node:os';

/** Whether an address or name only reaches this very machine. */
export function isLoopback(host: string): boolean {
  return host === 'localhost' || host === '::1' || host === '[::1]' || /^127(\.\d{1,3}){3}$/.test(host);
}

/** The addresses of this machine that others in the house can reach. */
export function ownAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ internal, family }) => !internal && family === 'IPv4')
    .map(({ address }) => address);
}
