// Every spec of the application, for `npm run test:app`; which they are its builder knows.
import './test-bed';
import 'every-spec';
