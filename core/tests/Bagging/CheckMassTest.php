<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Packing\CheckMass;
use Chiralex\Bagging\Packing\ScaleReading;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CheckMassTest extends TestCase
{
    /** @return iterable<string, array{list<float>, ?float, bool}> what stands for a second each, what is shown of 50 g, right */
    public static function stands(): iterable
    {
        yield 'laid on' => [[120.0, 170.0], 50.0, true];
        yield 'two divisions more' => [[120.0, 170.02], 50.02, true];
        yield 'three divisions less' => [[120.0, 169.97], 49.97, false];
        yield 'after a lift' => [[120.0, 0.0, 119.5, 169.5], 50.0, true];
        yield 'taken off again' => [[120.0, 170.0, 120.0], -50.0, false];
        yield 'nothing laid on' => [[120.0], 0.0, false];
        yield 'pieces taken and nothing laid on' => [[120.0, 118.0], 0.0, false];
        yield 'silent' => [[], null, false];
    }

    /** @param list<float> $stands */
    #[DataProvider('stands')]
    public function test_the_last_step_is_the_mass(array $stands, ?float $shown, bool $isRight): void
    {
        $readings = [];
        foreach ($stands as $second => $grams) {
            for ($i = 0; $i < 10; ++$i) {
                $readings[] = new ScaleReading($second + $i / 10, $grams);
            }
        }
        $check = new CheckMass(50.0, 0.01);
        self::assertEqualsWithDelta($shown, $check->shown($readings), 1e-9);
        self::assertSame($isRight, $shown !== null && $check->isRight($shown));
        $readings[] = new ScaleReading(99.0, 200.0, false);
        self::assertNull($check->shown($readings), 'a hand is still there');
    }
}
