import { X509Certificate } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
  const file = process.env.NIMSY_AUTHORITY;
  if (!file) error(404, 'This Nimsy has no authority of its own.');
  const certificate = new X509Certificate(await readFile(file));
  return { fingerprint: certificate.fingerprint256, until: certificate.validTo };
};
