import { sheetsOf } from './sheets';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params, locals }) => sheetsOf(params.number, locals);
