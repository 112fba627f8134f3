<?php

declare(strict_types=1);

namespace Tests\Support\Mutation;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\Node\Stmt;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;

/**
 * What could be wrong in a file and still run: a constant moved, a comparison turned, plus for minus, the larger for
 * the smaller, and
 * for or, a return that says the opposite. On nikic/php-parser; no tool for this is in the registries here.
 */
final class Mutator
{
    private const SWAPS = [
        BinaryOp\Plus::class => BinaryOp\Minus::class,
        BinaryOp\Minus::class => BinaryOp\Plus::class,
        BinaryOp\Mul::class => BinaryOp\Div::class,
        BinaryOp\Div::class => BinaryOp\Mul::class,
        BinaryOp\Smaller::class => BinaryOp\SmallerOrEqual::class,
        BinaryOp\SmallerOrEqual::class => BinaryOp\Smaller::class,
        BinaryOp\Greater::class => BinaryOp\SmallerOrEqual::class,
        BinaryOp\GreaterOrEqual::class => BinaryOp\Smaller::class,
        BinaryOp\Identical::class => BinaryOp\NotIdentical::class,
        BinaryOp\NotIdentical::class => BinaryOp\Identical::class,
        BinaryOp\BooleanAnd::class => BinaryOp\BooleanOr::class,
        BinaryOp\BooleanOr::class => BinaryOp\BooleanAnd::class,
    ];

    private const FUNCTIONS = ['min' => 'max', 'max' => 'min', 'floor' => 'ceil', 'ceil' => 'floor'];

    /**
     * @param string $path from the project's root
     * @return list<Mutant>
     */
    public static function of(string $root, string $path): array
    {
        $text = (string) file_get_contents("{$root}/{$path}");
        $parser = (new ParserFactory)->createForNewestSupportedVersion();
        $finder = new NodeFinder;
        $printer = new Standard;
        $isPlace = static fn (Node $node): bool => self::changed($node) !== null;
        $original = $parser->parse($text) ?? [];
        $constants = $finder->findInstanceOf($original, Stmt\ClassConst::class);
        $functions = $finder->findInstanceOf($original, Stmt\ClassMethod::class);
        $count = count($finder->find($original, $isPlace));
        $mutants = [];
        for ($place = 0; $place < $count; $place++) {
            // each from a tree of its own: the change is made in place
            $tree = $parser->parse($text) ?? [];
            $node = $finder->find($tree, $isPlace)[$place];
            $change = self::changed($node);
            if ($change === null || ! ($node instanceof Expr || $node instanceof Stmt\Return_)) {
                continue;
            }
            $was = self::shown($printer, $node);
            $constant = self::constant($constants, $path, $node->getStartLine());
            $mutated = self::with($tree, $node, $change);
            $mutants[] = new Mutant(
                $path,
                $node->getStartLine(),
                $was,
                self::shown($printer, $change),
                $printer->prettyPrintFile(self::atHome($mutated, dirname("{$root}/{$path}"))),
                $constant,
                $constant === ''
                    ? self::linesAround($functions, $node)
                    : self::linesWith($text, substr((string) strrchr($constant, ':'), 1)),
            );
        }

        return $mutants;
    }

    /**
     * @param array<Stmt\ClassMethod> $functions
     * @return list<int> of the function it stands in
     */
    private static function linesAround(array $functions, Node $node): array
    {
        foreach ($functions as $each) {
            if ($each->getStartLine() <= $node->getStartLine() && $node->getEndLine() <= $each->getEndLine()) {
                return range($each->getStartLine(), $each->getEndLine());
            }
        }

        return [];
    }

    /** @return list<int> of all but the first place of a name: where a constant is used in its own file */
    private static function linesWith(string $text, string $name): array
    {
        $lines = preg_grep('/\b'.preg_quote($name, '/').'\b/', explode("\n", $text)) ?: [];

        return array_slice(array_map(static fn (int $line): int => $line + 1, array_keys($lines)), 1);
    }

    /** @param array<Stmt\ClassConst> $constants */
    private static function constant(array $constants, string $path, int $line): string
    {
        foreach ($constants as $each) {
            if ($each->getStartLine() <= $line && $line <= $each->getEndLine()) {
                return str_replace('/', '\\', substr($path, strlen('core/'), -4))
                    .'::'
                    .$each->consts[0]->name->toString();
            }
        }

        return '';
    }

    private static function changed(Node $node): Expr|Stmt\Return_|null
    {
        $swap = self::SWAPS[$node::class] ?? null;
        if ($swap !== null && $node instanceof BinaryOp) {
            return new $swap($node->left, $node->right, ['origin' => $node]);
        }

        return match (true) {
            $node instanceof Scalar\Float_ => new Scalar\Float_($node->value === 0.0 ? 1.0 : 1.25 * $node->value),
            $node instanceof Scalar\Int_ => new Scalar\Int_($node->value + 1),
            $node instanceof Expr\BooleanNot => $node->expr,
            $node instanceof Expr\UnaryMinus => $node->expr,
            $node instanceof Expr\ConstFetch && $node->name->toLowerString() === 'true' => new Expr\ConstFetch(
                new Node\Name('false'),
            ),
            $node instanceof Expr\ConstFetch && $node->name->toLowerString() === 'false' => new Expr\ConstFetch(
                new Node\Name('true'),
            ),
            $node instanceof Expr\FuncCall
                && $node->name instanceof Node\Name
                && isset(self::FUNCTIONS[$node->name->toString()])
                => new Expr\FuncCall(new Node\Name(self::FUNCTIONS[$node->name->toString()]), $node->args),
            $node instanceof Stmt\Return_ && $node->expr instanceof Expr\Array_ && $node->expr->items !== []
                => new Stmt\Return_(new Expr\Array_),
            default => null,
        };
    }

    /**
     * @param array<Node> $tree
     * @return array<Node>
     */
    private static function with(array $tree, Node $node, Node $change): array
    {
        $traverser = new \PhpParser\NodeTraverser;
        $traverser->addVisitor(
            new class ($node, $change) extends \PhpParser\NodeVisitorAbstract {
                public function __construct(private readonly Node $node, private readonly Node $change) {}

                public function leaveNode(Node $node): ?Node
                {
                    return $node === $this->node ? $this->change : null;
                }
            },
        );

        return $traverser->traverse($tree);
    }

    /**
     * The file stands elsewhere when it is run: __DIR__ is where it came from.
     *
     * @param array<Node> $tree
     * @return array<Node>
     */
    private static function atHome(array $tree, string $folder): array
    {
        $traverser = new \PhpParser\NodeTraverser;
        $traverser->addVisitor(
            new class ($folder) extends \PhpParser\NodeVisitorAbstract {
                public function __construct(private readonly string $folder) {}

                public function leaveNode(Node $node): ?Node
                {
                    return $node instanceof Scalar\MagicConst\Dir ? new Scalar\String_($this->folder) : null;
                }
            },
        );

        return $traverser->traverse($tree);
    }

    private static function shown(Standard $printer, Node $node): string
    {
        $text = $node instanceof Expr ? $printer->prettyPrintExpr($node) : $printer->prettyPrint([$node]);

        return mb_substr((string) preg_replace('/\s+/', ' ', $text), 0, 100);
    }
}
