<?php

declare(strict_types=1);

namespace Chiralex\Mutate;

use PhpParser\Node;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar\Float_;
use PhpParser\Node\Scalar\Int_;
use PhpParser\Node\Stmt\Declare_;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\ParentConnectingVisitor;
use PhpParser\ParserFactory;

/** The changes that can be made to a file, each of one number or one comparison. */
final readonly class Changes
{
    private const COMPARISONS = [
        BinaryOp\Smaller::class => ['<', '<='],
        BinaryOp\SmallerOrEqual::class => ['<=', '<'],
        BinaryOp\Greater::class => ['>', '>='],
        BinaryOp\GreaterOrEqual::class => ['>=', '>'],
        BinaryOp\Identical::class => ['===', '!=='],
        BinaryOp\NotIdentical::class => ['!==', '==='],
    ];

    /** @return list<array{int, string, string, string, bool}> line, what stood there, what stands there now, the whole file changed, true in the planted method */
    public static function of(string $source): array
    {
        $tree = (new ParserFactory())->createForHostVersion()->parse($source) ?? [];
        (new NodeTraverser(new ParentConnectingVisitor()))->traverse($tree);
        $changes = [];
        foreach ((new NodeFinder())->find($tree, static fn(Node $node): bool => self::isChanged($node)) as $node) {
            [$at, $was, $is] = self::change($node, $source);
            $planted = str_contains(self::method($node), 'plantedForMutation');
            $changes[] = [$node->getStartLine(), $was, $is, substr_replace($source, $is, $at, strlen($was)), $planted];
        }

        return $changes;
    }

    private static function isChanged(Node $node): bool
    {
        if (isset(self::COMPARISONS[$node::class])) {
            return true;
        }

        return ($node instanceof Int_ || $node instanceof Float_) &&
            !($node->getAttribute('parent')?->getAttribute('parent') instanceof Declare_);
    }

    /** @return array{int, string, string} offset, what stands there, what comes there */
    private static function change(Node $node, string $source): array
    {
        if ($node instanceof BinaryOp) {
            [$was, $is] = self::COMPARISONS[$node::class];
            $from = $node->left->getEndFilePos() + 1;

            return [(int) strpos($source, $was, $from), $was, $is];
        }
        $at = $node->getStartFilePos();
        $was = substr($source, $at, $node->getEndFilePos() - $at + 1);
        $is =
            $node instanceof Int_
                ? (string) ($node->value + 1)
                : self::larger($node instanceof Float_ ? $node->value : 0.0);

        return [$at, $was, $is];
    }

    private static function larger(float $value): string
    {
        return $value === 0.0 ? '0.1' : var_export($value * 1.1, true);
    }

    private static function method(Node $node): string
    {
        for ($each = $node; $each instanceof Node; $each = $each->getAttribute('parent')) {
            if ($each instanceof Node\Stmt\ClassMethod) {
                return $each->name->toString();
            }
        }

        return '';
    }
}
