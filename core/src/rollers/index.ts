export { fullComplement, type FullComplement } from './fullComplement.ts';
