// Debian's Chromium as root, without the background traffic it would try on a closed network.
module.exports = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
  // A file is a download here: no dialog of the system can be answered.
  '--disable-blink-features=FileSystemAccessLocal',
];
