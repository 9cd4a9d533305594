import { z } from 'zod';

const NAMES = /[\s,]+/;

const schema = z.object({
  HOST: z.string().min(1).default('127.0.0.1'),
  PORT: z
    .string()
    .regex(/^\d{1,5}$/)
    .default('4310')
    .transform(Number)
    .refine((port) => port <= 65_535),
  ALLOWED_HOSTS: z.string().default(''),
  BEHIND_TLS: z.enum(['', '0', '1']).default(''),
});

/** What whoever runs the server may set, by variables of the environment. */
export interface ServerSettings {
  readonly host: string;
  readonly port: number;
  /** Names the server answers to, lower case and without a port; any when empty. */
  readonly allowedHosts: readonly string[];
  /** A proxy in front speaks https: browsers are told to ask for nothing else. */
  readonly behindTls: boolean;
}

/** What is wrong with each, and how to mend it. */
const MEND: Readonly<Record<keyof z.input<typeof schema>, string>> = {
  HOST: 'HOST is empty. Leave it away, or name the address to listen on, such as HOST=127.0.0.1',
  PORT: 'PORT is not a port. It is a whole number from 0 to 65535, such as PORT=4310',
  ALLOWED_HOSTS: 'ALLOWED_HOSTS cannot be read. It is a list of names, such as ALLOWED_HOSTS=dray.example',
  BEHIND_TLS: 'BEHIND_TLS is neither 0 nor 1. Set BEHIND_TLS=1 where a proxy in front speaks https',
};

/**
 * Reads the settings.
 *
 * @returns them, or one sentence: which variable is wrong and how to mend it
 */
export function readSettings(
  environment: Readonly<Record<string, string | undefined>>,
): { readonly settings: ServerSettings } | { readonly problem: string } {
  const read = schema.safeParse(environment);
  if (!read.success) {
    const [wrong] = read.error.issues;
    return { problem: MEND[wrong?.path[0] as keyof typeof MEND] };
  }
  const { HOST, PORT, ALLOWED_HOSTS, BEHIND_TLS } = read.data;
  return {
    settings: {
      host: HOST,
      port: PORT,
      allowedHosts: ALLOWED_HOSTS.toLowerCase()
        .split(NAMES)
        .filter((name) => name !== ''),
      behindTls: BEHIND_TLS === '1',
    },
  };
}
