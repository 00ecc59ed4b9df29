<?php

declare(strict_types=1);

namespace Chiralex\Tests\Marking;

use Chiralex\Marking\Colour;
use Chiralex\Marking\Confusability;
use Chiralex\Marking\Look;
use Chiralex\Part\Kind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Degrees are common practice at the bench, no source; only their order and the threshold are relied on. */
final class ConfusabilityTest extends TestCase
{
    /** @return iterable<string, array{Look, Look, string, bool}> */
    public static function pairs(): iterable
    {
        yield 'the same part is none' => [
            self::bands('470', 'yellow violet brown gold'),
            self::bands('470', 'yellow violet brown gold'),
            'alike.same-part',
            false,
        ];
        yield 'one value in two ratings lies apart by its body' => [
            self::bands('470', 'yellow violet brown gold'),
            self::bands('470', 'yellow violet brown gold', 'axial-1/2W'),
            'alike.two-ratings',
            false,
        ];
        yield 'another body' => [
            self::bands('470', 'yellow violet brown gold'),
            self::bands('4700', 'yellow violet red gold', 'axial-1/2W'),
            'alike.other-body',
            false,
        ];
        yield 'brown for orange under a lamp' => [
            self::bands('470', 'yellow violet brown gold'),
            self::bands('47000', 'yellow violet orange gold'),
            'alike.warm-light',
            true,
        ];
        yield 'two such bands' => [
            self::bands('1', 'brown violet red gold'),
            self::bands('2', 'red violet orange gold'),
            'alike.warm-light',
            true,
        ];
        yield 'the same bands in another order' => [
            self::bands('1', 'green black yellow gold'),
            self::bands('2', 'black green yellow gold'),
            'alike.swapped',
            true,
        ];
        yield 'read from the other end' => [
            self::bands('1', 'green yellow black white blue'),
            self::bands('2', 'blue white black yellow green'),
            'alike.reversed',
            true,
        ];
        yield 'one band differs plainly' => [
            self::bands('1', 'brown black green gold'),
            self::bands('2', 'brown black white gold'),
            'alike.one-band',
            false,
        ];
        yield 'four and five bands' => [
            self::bands('1', 'brown black green gold'),
            self::bands('2', 'brown black black green brown'),
            'alike.band-count',
            false,
        ];
        yield 'two diodes in glass' => [
            new Look(Kind::Diode, '1n4148', 'DO-35', [], '1N4148'),
            new Look(Kind::Zener, '5v1', 'DO-35', [], '5V1'),
            'alike.same-body',
            true,
        ];
        yield 'a regulator and a transistor' => [
            new Look(Kind::Transistor, 'bc337', 'TO-92', [], 'BC337'),
            new Look(Kind::Regulator, '78l05', 'TO-92', [], '78L05'),
            'alike.same-body',
            true,
        ];
        yield 'two LEDs in clear bodies' => [
            new Look(Kind::Led, 'red', 'led-5mm', [], null, true),
            new Look(Kind::Led, 'green', 'led-5mm', [], null, true),
            'alike.clear-body',
            true,
        ];
        yield 'two LEDs in coloured bodies' => [
            new Look(Kind::Led, 'red', 'led-5mm'),
            new Look(Kind::Led, 'green', 'led-5mm'),
            'alike.other-colour',
            false,
        ];
        yield 'an emitter and its detector' => [
            new Look(Kind::Led, 'ir', 'led-5mm', [], null, true),
            new Look(Kind::Photo, 'pt', 'led-5mm', [], null, true),
            'alike.clear-body',
            true,
        ];
        yield 'two digits swapped' => [
            new Look(Kind::Ceramic, '1', 'disc-5mm', [], '103'),
            new Look(Kind::Ceramic, '2', 'disc-5mm', [], '301'),
            'alike.digit-swap',
            true,
        ];
        yield 'one digit differs' => [
            new Look(Kind::Ceramic, '1', 'disc-5mm', [], '104'),
            new Look(Kind::Ceramic, '2', 'disc-5mm', [], '103'),
            'alike.one-digit',
            true,
        ];
        yield 'another print altogether' => [
            new Look(Kind::Ceramic, '1', 'disc-5mm', [], '104'),
            new Look(Kind::Ceramic, '2', 'disc-5mm', [], '229'),
            'alike.other-print',
            false,
        ];
    }

    #[DataProvider('pairs')]
    public function test_two_looks_are_compared_with_a_reason(Look $a, Look $b, string $reason, bool $alike): void
    {
        $confusion = (new Confusability())->compare($a, $b);
        self::assertSame([$reason, $alike], [$confusion->reason->code, $confusion->isLookAlike()]);
    }

    #[DataProvider('pairs')]
    public function test_the_order_of_the_two_does_not_matter(Look $a, Look $b): void
    {
        $compare = new Confusability();
        self::assertSame($compare->compare($a, $b)->degree, $compare->compare($b, $a)->degree);
    }

    #[DataProvider('pairs')]
    public function test_a_degree_is_between_nothing_and_one(Look $a, Look $b): void
    {
        $degree = (new Confusability())->compare($a, $b)->degree;
        self::assertGreaterThanOrEqual(0.0, $degree);
        self::assertLessThanOrEqual(1.0, $degree);
    }

    private static function bands(string $value, string $bands, string $body = 'axial-1/4W'): Look
    {
        return new Look(Kind::Resistor, $value, $body, array_map(Colour::from(...), explode(' ', $bands)));
    }
}
