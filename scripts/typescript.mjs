// TypeScript read by tsx in a thread of tests: what the process was started with doesn't reach its threads.
import { register } from 'tsx/esm/api';

register();
