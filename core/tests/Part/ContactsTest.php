<?php

declare(strict_types=1);

namespace Chiralex\Tests\Part;

use Chiralex\Part\Contacts;
use Chiralex\Part\Kind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Poles and throws are the trade's names; common practice, no source. */
final class ContactsTest extends TestCase
{
    /** @return iterable<string, array{Kind, string, ?int}> */
    public static function said(): iterable
    {
        yield 'on and off' => [Kind::Switch, 'toggle SPST', 2];
        yield 'change over' => [Kind::Switch, 'SPDT', 3];
        yield 'two change over' => [Kind::Switch, 'slide switch DPDT', 6];
        yield 'three change over' => [Kind::Switch, '3PDT foot switch', 9];
        yield 'rotary, two poles of six' => [Kind::Switch, 'rotary 2P6T', 14];
        yield 'one pole of twelve' => [Kind::Switch, 'rotary 1P12T', 13];
        yield 'in words' => [Kind::Switch, '3-pole toggle', 9];
        yield 'in German' => [Kind::Switch, 'Kippschalter 2-polig', 6];
        yield 'a relay has a coil too' => [Kind::Relay, 'relay DPDT 5 V', 8];
        yield 'a relay of which nothing is said' => [Kind::Relay, 'relay 5 V', null];
        yield 'a switch of which nothing is said' => [Kind::Switch, 'toggle', null];
        yield 'a terminal block has no contacts' => [Kind::TerminalBlock, '3-pole', null];
        yield 'no word of the trade' => [Kind::Switch, 'SPOT', null];
    }

    #[DataProvider('said')]
    public function test_contacts_count_pins(Kind $kind, string $text, ?int $pins): void
    {
        self::assertSame($pins, Contacts::pins($kind, $text));
    }
}
