<?php

declare(strict_types=1);

namespace Tests\Architecture\Run;

use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use SebastianBergmann\Complexity\Calculator;
use Tests\Architecture\Uses;

/** Methods that one can follow, and values of parts that belong together. */
final class MeasuresTest extends TestCase
{
    private const COMPLEXITY = 15;
    private const PARAMETERS = 8;
    /** A vector that is compared field by field, and split nowhere. */
    private const VECTORS = ['core/src/Build/Score.php'];

    /** @return iterable<string, array{string}> */
    public static function folders(): iterable
    {
        foreach (['core/src', 'render', 'app', 'cli', 'adapters'] as $folder) {
            yield $folder => [$folder];
        }
    }

    #[DataProvider('folders')]
    public function test_no_method_has_more_ways_through_it_than_fifteen(string $folder): void
    {
        $found = [];
        foreach (Uses::below($folder) as $file => $code) {
            array_push($found, ...self::complex($file, $code));
        }

        self::assertSame([], $found);
    }

    #[DataProvider('folders')]
    public function test_no_constructor_has_more_than_eight_parameters(string $folder): void
    {
        $found = [];
        foreach (Uses::below($folder) as $file => $code) {
            array_push($found, ...in_array($file, self::VECTORS, true) ? [] : self::wide($file, $code));
        }

        self::assertSame([], $found);
    }

    public function test_a_method_of_sixteen_ways_and_a_constructor_of_nine_parameters_are_found(): void
    {
        $method = static fn(int $ways): string => '<?php class A { function b($x) { ' .
            str_repeat('if ($x) { return; } ', $ways - 1) .
            '} }';
        $constructor = static fn(int $count): string => '<?php class A { function __construct(' .
            implode(', ', array_map(static fn(int $i): string => "\$p{$i}", range(1, $count))) .
            ') {} }';

        self::assertSame([], self::complex('a.php', $method(15)));
        self::assertSame(['a.php A::b: 16'], self::complex('a.php', $method(16)));
        self::assertSame([], self::wide('a.php', $constructor(8)));
        self::assertSame(['a.php: 9'], self::wide('a.php', $constructor(9)));
    }

    /** @return list<string> */
    private static function complex(string $file, string $code): array
    {
        $found = [];
        foreach ((new Calculator())->calculateForSourceString($code) as $method) {
            if ($method->cyclomaticComplexity() > self::COMPLEXITY) {
                $found[] = "{$file} {$method->name()}: {$method->cyclomaticComplexity()}";
            }
        }

        return $found;
    }

    /** @return list<string> */
    private static function wide(string $file, string $code): array
    {
        $found = [];
        $ast = (new ParserFactory())->createForHostVersion()->parse($code) ?? [];
        foreach ((new NodeFinder())->findInstanceOf($ast, ClassMethod::class) as $method) {
            if ($method->name->toString() === '__construct' && count($method->params) > self::PARAMETERS) {
                $found[] = "{$file}: " . count($method->params);
            }
        }

        return $found;
    }
}
