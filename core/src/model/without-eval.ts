import * as z from 'zod';

// Imported before any schema is made: without it zod tries to compile its checks with eval, which the page’s policy forbids.
z.config({ jitless: true });
