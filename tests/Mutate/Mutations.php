<?php

declare(strict_types=1);

namespace Tests\Mutate;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\Node\Stmt;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/** All single changes of one file that a test ought to notice. */
final class Mutations extends NodeVisitorAbstract
{
    private const SWAPS = [
        BinaryOp\Smaller::class => '<=', BinaryOp\SmallerOrEqual::class => '<', BinaryOp\Greater::class => '>=',
        BinaryOp\GreaterOrEqual::class => '>', BinaryOp\Identical::class => '!==',
        BinaryOp\NotIdentical::class => '===', BinaryOp\Equal::class => '!=', BinaryOp\NotEqual::class => '==',
        BinaryOp\BooleanAnd::class => '||', BinaryOp\BooleanOr::class => '&&', BinaryOp\Plus::class => '-',
        BinaryOp\Minus::class => '+', BinaryOp\Mul::class => '/', BinaryOp\Div::class => '*',
    ];

    private const FUNCTIONS = [
        'min' => 'max', 'max' => 'min', 'floor' => 'ceil', 'ceil' => 'floor', 'array_filter' => 'array_values',
    ];

    /** @var list<Mutant> */
    private array $found = [];

    /** @var array<string, int> how many were found alike */
    private array $alike = [];

    /** @var array{int, int}|null first and last line of the method that is walked through */
    private ?array $within = null;

    private function __construct(private readonly string $file, private readonly string $source)
    {
    }

    /** @return list<Mutant> */
    public static function of(string $file, string $source): array
    {
        $visitor = new self($file, $source);
        $walk = new NodeTraverser;
        $walk->addVisitor($visitor);
        $walk->traverse((new ParserFactory)->createForHostVersion()->parse($source) ?? []);

        return $visitor->found;
    }

    public function enterNode(Node $node): ?int
    {
        if ($node instanceof Stmt\Declare_ || $node instanceof Node\Attribute || $node instanceof Stmt\Use_) {
            return NodeTraverser::DONT_TRAVERSE_CHILDREN;
        }
        if ($node instanceof Stmt\ClassMethod) {
            $this->within = [$node->getStartLine(), $node->getEndLine()];
        }
        match (true) {
            $node instanceof BinaryOp => $this->operator($node),
            $node instanceof Expr\BooleanNot => $this->put('not', $node, $this->text($node->expr)),
            $node instanceof Expr\ConstFetch => $this->constant($node),
            $node instanceof Scalar\Int_ => $this->put('number', $node, (string) ($node->value + 1)),
            $node instanceof Scalar\Float_ => $this->put('number', $node, (string) ($node->value * 2 + 1)),
            $node instanceof Expr\Ternary => $this->ternary($node),
            $node instanceof Expr\FuncCall => $this->call($node),
            $node instanceof Expr\Array_ => $this->items($node),
            $node instanceof Expr\Match_ => $this->arms($node),
            $node instanceof Stmt\Continue_ => $this->put('continue', $node, 'break;'),
            $node instanceof Stmt\Expression => $this->statement($node),
            default => null,
        };

        return null;
    }

    public function leaveNode(Node $node): null
    {
        if ($node instanceof Stmt\ClassMethod) {
            $this->within = null;
        }

        return null;
    }

    private function operator(BinaryOp $node): void
    {
        $to = self::SWAPS[$node::class] ?? null;
        if ($to !== null) {
            $this->put('operator', $node, $this->text($node->left)." $to ".$this->text($node->right));
        }
    }

    private function constant(Expr\ConstFetch $node): void
    {
        $name = $node->name->toLowerString();
        if (in_array($name, ['true', 'false'], true) && ! $node->getAttribute('strict', false)) {
            $this->put('constant', $node, $name === 'true' ? 'false' : 'true');
        }
    }

    private function ternary(Expr\Ternary $node): void
    {
        if ($node->if !== null) {
            $this->put('ternary', $node, sprintf(
                '%s ? %s : %s', $this->text($node->cond), $this->text($node->else), $this->text($node->if),
            ));
        }
    }

    private function call(Expr\FuncCall $node): void
    {
        $name = $node->name instanceof Node\Name ? $node->name->toLowerString() : '';
        if (in_array($name, ['in_array', 'array_search'], true) && ($node->args[2] ?? null) instanceof Node\Arg) {
            // Compared loosely, words and enums are found alike: no test could tell.
            $node->args[2]->value->setAttribute('strict', true);
        }
        $to = self::FUNCTIONS[$name] ?? null;
        if ($to === 'array_values') {
            $first = $node->args[0] ?? null;
            $first instanceof Node\Arg && ! $first->unpack && $this->put('filter', $node, $this->text($first->value));
        } elseif ($to !== null) {
            $this->put('function', $node->name, $to);
        }
    }

    /** A list with one thing less; a map keeps its keys. */
    private function items(Expr\Array_ $node): void
    {
        foreach ($node->items as $i => $item) {
            if ($item->key === null && ! $item->unpack && count($node->items) > 1) {
                $from = $i === 0 ? $item->getStartFilePos() : $node->items[$i - 1]->getEndFilePos() + 1;
                $to = $i === 0 ? $node->items[1]->getStartFilePos() : $item->getEndFilePos() + 1;
                $this->cut('item', $item, $from, $to - $from, '');
            }
        }
    }

    /** A match with one arm less falls through to its default. */
    private function arms(Expr\Match_ $node): void
    {
        $hasDefault = array_filter($node->arms, static fn (Node\MatchArm $arm): bool => $arm->conds === null) !== [];
        foreach ($hasDefault ? $node->arms : [] as $i => $arm) {
            $next = $node->arms[$i + 1] ?? null;
            if ($arm->conds !== null && $next !== null) {
                $from = $arm->getStartFilePos();
                $this->cut('arm', $arm, $from, $next->getStartFilePos() - $from, '');
            }
        }
    }

    /** A statement that is only there for what it does. */
    private function statement(Stmt\Expression $node): void
    {
        $does = $node->expr;
        if (
            $does instanceof Expr\MethodCall || $does instanceof Expr\StaticCall || $does instanceof Expr\FuncCall
            || $does instanceof Expr\AssignOp
        ) {
            $this->put('statement', $node, ';');
        }
    }

    private function put(string $kind, Node $node, string $to): void
    {
        $from = $node->getStartFilePos();
        $this->cut($kind, $node, $from, $node->getEndFilePos() + 1 - $from, $to);
    }

    private function cut(string $kind, Node $node, int $from, int $length, string $to): void
    {
        $was = substr($this->source, $from, $length);
        $text = $this->line($from);
        // Of those alike, on the same line or on one that reads the same, each is known by its number.
        $nth = $this->alike["$kind $was#$to#$text"] = ($this->alike["$kind $was#$to#$text"] ?? 0) + 1;
        $this->found[] = new Mutant(
            $this->file, $node->getStartLine(), $from, $length, $to, $kind, $was, $this->within, "$text#$nth",
        );
    }

    /** The whole line at this place, without its indent. */
    private function line(int $at): string
    {
        $from = (int) strrpos(substr($this->source, 0, $at), "\n");

        return trim(substr($this->source, $from, (int) strpos($this->source."\n", "\n", $at) - $from));
    }

    private function text(Node $node): string
    {
        return substr($this->source, $node->getStartFilePos(), $node->getEndFilePos() + 1 - $node->getStartFilePos());
    }
}
