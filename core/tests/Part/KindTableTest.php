<?php

declare(strict_types=1);

namespace Chiralex\Tests\Part;

use Chiralex\Part\Data\KindTable;
use Chiralex\Part\Kind;
use Chiralex\Part\Kinds;
use Chiralex\Part\Role;
use PHPUnit\Framework\TestCase;

/** The one table of kinds. */
final class KindTableTest extends TestCase
{
    public function test_every_kind_has_its_row(): void
    {
        self::assertEqualsCanonicalizing(
            array_map(static fn(Kind $kind): string => $kind->value, Kind::cases()),
            array_keys(KindTable::rows()),
        );
    }

    public function test_every_role_is_played_by_some_kind(): void
    {
        foreach (Role::cases() as $role) {
            $players = array_filter(KindTable::rows(), static fn($row): bool => $row->is($role));
            self::assertNotSame([], $players, $role->name);
        }
    }

    public function test_what_has_a_direction_says_what_happens_the_wrong_way_round_and_what_has_none_does_not(): void
    {
        self::assertTrue(Kinds::of(Kind::Diode)->isPolarised());
        self::assertFalse(Kinds::of(Kind::Resistor)->isPolarised());
        self::assertNull(Kinds::of(Kind::Resistor)->mark);
    }

    public function test_kinds_that_share_letters_are_relatives_of_each_other(): void
    {
        $words = static fn(Kind $kind): array => array_map(
            static fn(Kind $each): string => $each->value,
            Kinds::standard()->relatives($kind),
        );

        self::assertEqualsCanonicalizing(['ceramic', 'film', 'electrolytic', 'tantalum'], $words(Kind::Film));
        self::assertSame([], $words(Kind::Relay));
    }
}
