// Finds words for people that stand in the pages' code and not in the catalogue.

/** Signs of units and of colour spaces are the same in every language. */
const UNITS = /^(?:[\s\d.,:;·–—×+±%/()[\]°✓‹›↶↷?…→←↑↓▴▾Δ*]|\b(?:cm|mm|g|min|vol|h|L|a|b|ΔE|E|pH)\b)*$/u;

const TEXTS = new Set([
  'title',
  'label',
  'placeholder',
  'alt',
  'aria-label',
  'aria-description',
  'aria-valuetext',
  'aria-roledescription',
  'none',
  'words',
  'heading',
  'done',
  'okText',
  'cancelText',
  'within',
]);

const isText = (text) => /\p{L}/u.test(text) && !UNITS.test(text);
/** Two words, or a sentence's beginning: more than a name the program goes by. */
/** Selectors, colours and types of files: nobody reads them. */
const isForMachines = (text) => /[[\](){}#=]|charset=|\dpx/.test(text);
const isSentence = (text) =>
  !isForMachines(text) && (/\p{L}{2,}[.,:;]? \p{L}/u.test(text) || /^\p{Lu}\p{Ll}+[ .:…]/u.test(text));

/** @type {import('eslint').Rule.RuleModule} */
export const outside = {
  meta: { type: 'problem', messages: { outside: 'Not in the catalogue: {{text}}' }, schema: [] },
  create(context) {
    const report = (node, text) =>
      context.report({ node, messageId: 'outside', data: { text: text.trim() } });
    const says = (node, text) => isSentence(text) && !UNITS.test(text) && !isCode(node) && report(node, text);
    return {
      JSXText: (node) => isText(node.value) && report(node, node.value),
      'JSXAttribute > Literal': (node) => {
        if (TEXTS.has(node.parent.name.name) && typeof node.value === 'string' && isText(node.value)) {
          report(node, node.value);
        }
      },
      Literal: (node) => {
        if (typeof node.value === 'string' && node.parent.type !== 'JSXAttribute') {
          says(node, node.value);
        }
      },
      TemplateElement: (node) => says(node, node.value.cooked ?? ''),
    };
  },
};

/** Class names, names of queries, paths and drawings are read by machines. */
function isCode(node) {
  for (let at = node; at.parent; at = at.parent) {
    const { parent } = at;
    if (parent.type === 'JSXAttribute') {
      return /^(className|style|d|points|viewBox|transform|key|rootClassName|classNames)$/.test(
        parent.name.name,
      );
    }
    if (parent.type === 'Property' && parent.value === at) {
      const name = parent.key.name ?? parent.key.value;
      if (
        /^(queryKey|className|outline|d|fontFamily|boxShadow|gridTemplateColumns|clipPath|width)$/.test(name)
      ) {
        return true;
      }
    }
    if (parent.type === 'NewExpression' && /Error$/.test(parent.callee.name ?? '')) {
      return true;
    }
  }
  return false;
}
