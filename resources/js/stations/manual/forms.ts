import { needed, object, string } from '@/shared/ui/form';

/** A block of the circuit as it is typed; what its parts are the server reads. */
export const BLOCK = object({ title: needed('A block has a name.'), parts: string() });
