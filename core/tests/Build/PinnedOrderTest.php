<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Tests\PinnedKit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * An order that was printed does not become another by itself: kits drawn at random keep the order, and the score, that they
 * had when it was last looked at. Where the search is changed on purpose, bin/lib/pinned-orders.php writes them anew, and the
 * scores in the difference show whether it became better.
 */
final class PinnedOrderTest extends TestCase
{
    /** @return iterable<string, array{array{int, int, string, int, bool, bool, bool}}> */
    public static function cases(): iterable
    {
        return PinnedKit::cases();
    }

    /** @param array{int, int, string, int, bool, bool, bool} $case */
    #[DataProvider('cases')]
    public function test_a_kit_keeps_its_order(array $case): void
    {
        $name = (string) $this->dataName();
        $pinned = preg_grep('~^' . preg_quote($name, '~') . ': ~', self::pins());

        self::assertSame(["{$name}: " . PinnedKit::told($case)], array_values($pinned === false ? [] : $pinned));
    }

    /** @return list<string> */
    private static function pins(): array
    {
        return explode("\n", trim((string) file_get_contents(__DIR__ . '/pinned-orders.txt')));
    }
}
