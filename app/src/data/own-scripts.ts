/** The part of a browser’s guard against injected scripts that is used here; not every browser has it. */
interface TrustedTypes {
  createPolicy(name: 'default', rules: { createScriptURL(address: string): string }): unknown;
}

/**
 * Workers may be loaded from where the page itself came from, and from nowhere else. The server’s policy makes the browser ask;
 * Angular answers for the page’s own markup.
 *
 * @throws TypeError for an address elsewhere, at the time it is used
 */
export function ownScript(address: string): string {
  if (new URL(address, document.baseURI).origin !== location.origin) {
    throw new TypeError(`Dray loads no script from elsewhere: ${address}`);
  }
  return address;
}

/** Once, before anything else. */
export function trustOwnScripts(): void {
  const { trustedTypes } = globalThis as { trustedTypes?: TrustedTypes };
  trustedTypes?.createPolicy('default', { createScriptURL: ownScript });
}
