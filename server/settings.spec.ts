import { readSettings } from './settings';

describe('settings of the server', () => {
  it('are these unless something else is said', () => {
    expect(readSettings({})).toEqual({
      settings: { host: '127.0.0.1', port: 4310, allowedHosts: [], behindTls: false },
    });
  });

  it('are read from the environment', () => {
    expect(
      readSettings({
        HOST: '0.0.0.0',
        PORT: '0',
        ALLOWED_HOSTS: 'Dray.example, loft.example',
        BEHIND_TLS: '1',
      }),
    ).toEqual({
      settings: {
        host: '0.0.0.0',
        port: 0,
        allowedHosts: ['dray.example', 'loft.example'],
        behindTls: true,
      },
    });
  });

  it('say in one sentence what is wrong', () => {
    for (const port of ['abc', '', '-1', '65536', '43.1', '4310 ', '0x10', '99999999999']) {
      const read = readSettings({ PORT: port });
      expect('problem' in read && read.problem)
        .withContext(port)
        .toMatch(/^PORT is not a port\. /);
    }
    expect(readSettings({ HOST: '' })).toEqual({ problem: jasmine.stringContaining('HOST is empty') });
    expect(readSettings({ BEHIND_TLS: 'yes' })).toEqual({
      problem: jasmine.stringContaining('BEHIND_TLS is neither 0 nor 1'),
    });
  });
});
