// A rule for templates: what Material has a control for is a Material control. What is not stands here, with its reason.

/** File, element, and why it may be the browser's own. */
const EXCEPTIONS = [
  ['ui/file-button.ts', 'input', 'the browser alone may ask for a file; it stays hidden behind a button'],
  ['people/people.html', 'input', 'the browser alone may ask for a file; it stays hidden behind a menu'],
  ['board/board.html', 'table', 'the board is our own drawing, a grid with its own keys'],
  ['log/log.html', 'table', 'the log is our own drawing, a grid with its own keys'],
];

const CONTROLS = new Set([
  'select',
  'input',
  'button',
  'textarea',
  'table',
  'dialog',
  'progress',
  'datalist',
]);

const isMaterial = (name) => /^(mat|cdk)/i.test(name);

export default {
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      native:
        '<{{name}}> without a Material directive: use the Material control, or write down here why not.',
      any: 'A template that needs $any has lost its types: let the component emit what is meant.',
      target: 'A template does not read event.target: let the field hand its value on.',
    },
  },
  create(context) {
    const file = context.filename.replaceAll('\\', '/');
    const text = context.sourceCode.getText();
    return {
      Program() {
        for (const [messageId, pattern] of [
          ['any', /\$any\(/g],
          ['target', /\$event\.(?:target|currentTarget)/g],
        ]) {
          for (const { index } of text.matchAll(pattern)) {
            context.report({ loc: context.sourceCode.getLocFromIndex(index), messageId });
          }
        }
      },
      'Element, Element$1'(node) {
        if (!CONTROLS.has(node.name)) return;
        const names = [...(node.attributes ?? []), ...(node.inputs ?? [])].map(({ name }) => name);
        if (names.some(isMaterial)) return;
        if (EXCEPTIONS.some(([where, element]) => file.includes(where) && element === node.name)) return;
        const { start, end } = node.sourceSpan;
        context.report({
          loc: {
            start: { line: start.line + 1, column: start.col },
            end: { line: end.line + 1, column: end.col },
          },
          messageId: 'native',
          data: { name: node.name },
        });
      },
    };
  },
};
