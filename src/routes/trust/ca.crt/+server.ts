import { readFile } from 'node:fs/promises';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async () => {
  const file = process.env.NIMSY_AUTHORITY;
  if (!file) error(404, 'This Nimsy has no authority of its own.');
  return new Response(await readFile(file), {
    headers: {
      'content-type': 'application/x-x509-ca-cert',
      'content-disposition': 'attachment; filename="nimsy-authority.crt"',
    },
  });
};
