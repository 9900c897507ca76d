import { BlockList, isIP } from 'node:net';

/** Networks that are no part of the public internet (RFC 6890 and the registries that it refers to). */
const V4 = [
  ['0.0.0.0', 8],
  ['10.0.0.0', 8],
  ['100.64.0.0', 10],
  ['127.0.0.0', 8],
  ['169.254.0.0', 16],
  ['172.16.0.0', 12],
  ['192.0.0.0', 24],
  ['192.0.2.0', 24],
  ['192.88.99.0', 24],
  ['192.168.0.0', 16],
  ['198.18.0.0', 15],
  ['198.51.100.0', 24],
  ['203.0.113.0', 24],
  ['224.0.0.0', 3],
] as const;
/** Those of IPv6, and those that carry an address of IPv4 within: they would lead past the list above. */
const V6 = [
  ['::', 96],
  ['::ffff:0:0', 96],
  ['64:ff9b::', 96],
  ['64:ff9b:1::', 48],
  ['100::', 64],
  ['2001::', 23],
  ['2001:db8::', 32],
  ['2002::', 16],
  ['fc00::', 7],
  ['fe80::', 10],
  ['ff00::', 8],
] as const;

// a list each: one of both kinds takes every address of IPv4 for one within an address of IPv6
const blocked4 = new BlockList();
for (const [net, bits] of V4) blocked4.addSubnet(net, bits, 'ipv4');
const blocked6 = new BlockList();
for (const [net, bits] of V6) blocked6.addSubnet(net, bits, 'ipv6');

/** Whether an address of IP belongs to this machine, its own network, or to no public host at all. */
export function isPrivate(address: string): boolean {
  const kind = isIP(address);
  if (kind === 4) return blocked4.check(address, 'ipv4');
  return kind !== 6 || blocked6.check(address, 'ipv6');
}
