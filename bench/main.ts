import { head } from './table';

head();
await import('./core');
await import('./kit');
await import('./library');
await import('./strength');
await import('./compose');
await import('./figures');
await import('./hostile');
