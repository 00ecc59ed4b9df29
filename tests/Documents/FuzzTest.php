<?php

declare(strict_types=1);

namespace Tests\Documents;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Fuzz\FormulaSubject;
use Tests\Fuzz\Mutator;
use Tests\Fuzz\ReaderSubject;
use Tests\Fuzz\Subject;

/** A small share of what bin/fuzz does: damaged files and formulas are read or refused in words, nothing else. */
final class FuzzTest extends TestCase
{
    /** @return iterable<string, array{Subject, int, int}> subject, seed, how many */
    public static function shares(): iterable
    {
        yield 'readers' => [new ReaderSubject(), 7, 120];
        yield 'formulas' => [new FormulaSubject(), 7, 400];
    }

    #[DataProvider('shares')]
    public function test_what_is_damaged_is_read_or_refused_in_words(Subject $subject, int $seed, int $count): void
    {
        for ($index = 0; $index < $count; ++$index) {
            $mutator = new Mutator($seed * 1_000_003 + $index);
            $subject->take($mutator->damaged($mutator->pick($subject->samples()), $subject->samples()));
        }
        $this->addToAssertionCount($count);
    }

    public function test_the_same_seed_makes_the_same_damage_and_another_one_makes_other(): void
    {
        $samples = (new FormulaSubject())->samples();
        $made = static fn(int $seed): array => array_map(
            static fn(int $i): string => (new Mutator($seed + $i))->damaged($samples[$i % 5], $samples),
            range(0, 30),
        );

        self::assertSame($made(1), $made(1));
        self::assertNotSame($made(1), $made(1000));
        self::assertNotSame(array_slice($samples, 0, 5), array_slice($made(1), 0, 5));
    }
}
