<?php

declare(strict_types=1);

namespace Chiralex\Tests\Marking;

use Chiralex\Marking\CodeNeighbours;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CodeNeighboursTest extends TestCase
{
    public function test_it_finds_what_comparing_all_with_all_finds(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $codes = [];
        while (count($codes) < 300) {
            $code = implode(
                '',
                array_map(static fn(): string => (string) $random->getInt(0, 4), range(1, $random->getInt(3, 4))),
            );
            $codes["look {$code}"] = $code;
        }
        $expected = [];
        $keys = array_keys($codes);
        foreach ($keys as $i => $a) {
            foreach (array_slice($keys, $i + 1) as $b) {
                if (self::near($codes[$a], $codes[$b])) {
                    $expected[] = [$a, $b];
                }
            }
        }

        self::assertNotSame([], $expected);
        self::assertSame($expected, (new CodeNeighbours())->pairs($codes));
    }

    public function test_codes_of_another_length_are_no_neighbours(): void
    {
        self::assertSame([], (new CodeNeighbours())->pairs(['104', '1041']));
        self::assertSame([[0, 1]], (new CodeNeighbours())->pairs(['104', '401']));
    }

    private static function near(string $a, string $b): bool
    {
        if (strlen($a) !== strlen($b)) {
            return false;
        }
        $differ = count(array_filter(range(0, strlen($a) - 1), static fn(int $i): bool => $a[$i] !== $b[$i]));

        return $differ === 1 || count_chars($a) === count_chars($b);
    }
}
