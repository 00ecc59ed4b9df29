<?php

declare(strict_types=1);

namespace Chiralex\Tests\Marking;

use Chiralex\Marking\Bands;
use Chiralex\Marking\Confusability;
use Chiralex\Marking\Exception\NoDecoding;
use Chiralex\Marking\Look;
use Chiralex\Marking\MarkingWriter;
use Chiralex\Part\Kind;
use Chiralex\Quantity\Data\SeriesTable;
use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Bands of IEC 60062. */
final class BandsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> bands, readings in order */
    public static function bands(): iterable
    {
        // IEC 60062, examples of facts.md
        yield 'yellow violet orange gold' => ['yellow violet orange gold', ['47000 5 forward']];
        yield 'red red red gold' => ['red red red gold', ['2200 5 forward']];
        yield 'three bands are 20 %' => ['brown black orange', ['10000 20 forward', '300 20 reverse']];
        yield 'purple and gray are read' => ['gray purple red gold', ['8700 5 forward']];
        yield 'a lone black band is zero ohm' => ['black', ['0 0 forward']];
        yield 'five bands legal from both ends' => [
            'brown black black red brown',
            ['10000 1 forward', '120 1 reverse'],
        ];
        yield 'only the other end is legal' => ['gold orange violet yellow', ['47000 5 reverse']];
        yield 'six bands carry a temperature coefficient' => ['brown black black brown brown red', ['1000 1 forward']];
    }

    /** @param list<string> $expected */
    #[DataProvider('bands')]
    public function test_bands_are_read_from_both_ends(string $text, array $expected): void
    {
        $readings = array_map(
            static fn($reading): string => "{$reading->value->plain()} {$reading->tolerance} " .
                ($reading->reverse ? 'reverse' : 'forward'),
            (new Bands())->read(Bands::words($text)),
        );

        self::assertSame($expected, $readings);
    }

    /** @return iterable<string, array{string}> */
    public static function illegal(): iterable
    {
        yield 'gold at both ends' => ['gold red red gold'];
        yield 'two bands' => ['red red'];
        yield 'no colour' => ['red mauve red gold'];
        yield 'nothing' => [''];
    }

    #[DataProvider('illegal')]
    public function test_bands_without_a_legal_reading_are_refused(string $text): void
    {
        $this->expectException(NoDecoding::class);

        (new Bands())->read(Bands::words($text));
    }

    public function test_value_to_bands_to_value_is_the_identity(): void
    {
        foreach ([24 => 2, 96 => 3] as $series => $figures) {
            foreach (SeriesTable::members($series) as $member) {
                $value = EngineeringValue::scaled((string) $member, 1, Unit::Ohm);
                $bands = (new MarkingWriter())->bands($value, $figures, $figures === 2 ? '5' : '1');
                self::assertNotNull($bands);
                $forward = array_values(
                    array_filter((new Bands())->read($bands), static fn($reading): bool => !$reading->reverse),
                );
                self::assertTrue($forward[0]->value->equals($value), $value->display());
            }
        }
    }

    public function test_look_alikes_are_told_with_their_reason(): void
    {
        $look = static fn(string $value, string $bands): Look => new Look(
            Kind::Resistor,
            $value,
            'axial-1/4W',
            Bands::words($bands),
        );
        $compare = new Confusability();
        $warm = $compare->compare(
            $look('47000', 'yellow violet orange gold'),
            $look('470', 'yellow violet brown gold'),
        );
        $turned = $compare->compare(
            $look('10000', 'brown black black red brown'),
            $look('120', 'brown red black black brown'),
        );
        $glass = $compare->compare(new Look(Kind::Diode, '1n4148', 'DO-35'), new Look(Kind::Zener, '5v1', 'DO-35'));
        $clear = $compare->compare(
            new Look(Kind::Led, 'red', 'led-5mm', clear: true),
            new Look(Kind::Led, 'blue', 'led-5mm', clear: true),
        );

        self::assertSame(
            ['alike.warm-light', 'alike.reversed', 'alike.same-body', 'alike.clear-body'],
            [$warm->reason->code, $turned->reason->code, $glass->reason->code, $clear->reason->code],
        );
        self::assertTrue(
            $warm->isLookAlike() && $turned->isLookAlike() && $glass->isLookAlike() && $clear->isLookAlike(),
        );
        self::assertSame(
            0.0,
            $compare->compare($look('470', 'yellow violet brown gold'), $look('470', 'yellow violet brown gold'))
                ->degree,
        );
        self::assertFalse(
            $compare->compare(new Look(Kind::Diode, 'a', 'DO-35'), new Look(Kind::Diode, 'b', 'DO-41'))->isLookAlike(),
        );
    }
}
