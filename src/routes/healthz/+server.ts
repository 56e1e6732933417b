import { text } from '@sveltejs/kit';

/** Answers once the database does (the hook asked it who is asking). */
export const GET = () => text('ok\n');
