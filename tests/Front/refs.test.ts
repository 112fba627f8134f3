import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseAst } from 'vite';
import { expect, it } from 'vitest';

/**
 * A ref is not written while something is drawn: React may draw and throw away what it drew. Only a callback, an event or an effect
 * may. No linter of the registries here knows this, so it is held by the syntax itself.
 */
type Node = { type: string; [key: string]: unknown };

const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null && 'type' in value;
const isDrawn = (name: string) => /^(?:use)?[A-Z]/.test(name);
const functions = ['FunctionDeclaration', 'FunctionExpression', 'ArrowFunctionExpression'];

/** Lines on which a component or a hook writes a ref itself, and in no function within it. */
function writtenWhileDrawn(code: string, file: string): number[] {
  const found: number[] = [];
  const walk = (node: Node, within: string, called: string) => {
    const name = isNode(node.id) && typeof node.id.name === 'string' ? node.id.name : called;
    const inside = functions.includes(node.type) ? name : within;
    const target = node.type === 'AssignmentExpression' && isNode(node.left) ? node.left : node.argument;
    const isWrite = node.type === 'AssignmentExpression' || node.type === 'UpdateExpression';
    if (isWrite && isNode(target) && isNode(target.property) && target.property.name === 'current' && isDrawn(inside)) {
      found.push(code.slice(0, node.start as number).split('\n').length);
    }
    for (const [key, value] of Object.entries(node)) {
      for (const child of Array.isArray(value) ? value : [value]) {
        if (isNode(child)) walk(child, inside, node.type === 'VariableDeclarator' && key === 'init' ? name : '');
      }
    }
  };
  walk(parseAst(code, { lang: file.endsWith('x') ? 'tsx' : 'ts' }) as unknown as Node, '', '');
  return found;
}

it('knows a ref written while drawing from one written in an effect', () => {
  expect(writtenWhileDrawn('function useIt() { const a = useRef(0); a.current = 1; }', 'a.ts')).toEqual([1]);
  expect(writtenWhileDrawn('const Panel = () => {\n a.current += 1; return null; }', 'a.ts')).toEqual([2]);
  expect(writtenWhileDrawn('function useIt() { useEffect(() => { a.current = 1; }); }', 'a.ts')).toEqual([]);
  expect(writtenWhileDrawn('function useIt() { const on = () => { a.current++; }; }', 'a.ts')).toEqual([]);
});

it('no component and no hook writes a ref while it is drawn', () => {
  const root = join(__dirname, '../../resources/js');
  const found = (readdirSync(root, { recursive: true }) as string[])
    .filter((file) => /\.tsx?$/.test(file) && !file.includes('generated'))
    .flatMap((file) =>
      writtenWhileDrawn(readFileSync(join(root, file), 'utf8'), file).map((line) => `${file}:${line}`),
    );
  expect(found).toEqual([]);
});
