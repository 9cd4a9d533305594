import { head } from './table';

head();
await import('./core');
