<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Chiralex\Kit\KitPart;
use Chiralex\Marking\Bands;
use Chiralex\Supply\LotCheck;
use Chiralex\Supply\LotFinding;
use Chiralex\Supply\LotVerdict;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The mark of a lot's first piece against the list; bands and codes by IEC 60062. */
final class LotCheckTest extends TestCase
{
    private const ROWS = [
        'R1,4k7 5%,Axial 1/4W,resistor',
        'R2,47k 5%,Axial 1/4W,resistor',
        'R3,150 1%,Axial 1/4W,resistor',
        'R4,120k 1%,Axial 1/4W,resistor',
        'C1,100n,Ceramic disc 5mm,ceramic capacitor',
        'C2,10n,Ceramic disc 5mm,ceramic capacitor',
        'C3,22p,Ceramic disc 5mm,ceramic capacitor',
        'U1,LM393,DIP-8,comparator ic',
        'U2,LM358,DIP-8,op-amp ic',
        'LED1,red,LED 5mm,LED',
        'SW1,push,Tact 6x6,button',
    ];

    /** @return iterable<string, array{string, string, LotVerdict, list<string>}> */
    public static function bands(): iterable
    {
        yield 'as the list says' => ['R1', 'yellow violet red gold', LotVerdict::Accepted, []];
        yield 'tapped from the other end' => ['R1', 'gold red violet yellow', LotVerdict::Accepted, []];
        yield 'another part of the kit' => ['R1', 'yellow violet orange gold', LotVerdict::Another, ['R2']];
        yield 'tighter than asked' => ['R1', 'yellow violet black brown brown', LotVerdict::Accepted, []];
        yield 'wider than asked' => ['R3', 'brown green brown gold', LotVerdict::Wider, []];
        yield 'nothing that is stocked' => ['R1', 'brown black red gold', LotVerdict::Stranger, []];
        yield 'no resistor' => ['R1', 'gold gold', LotVerdict::Stranger, []];
    }

    /** @param list<string> $instead */
    #[DataProvider('bands')]
    public function test_bands_are_read_from_either_end(
        string $part,
        string $bands,
        LotVerdict $verdict,
        array $instead,
    ): void {
        $finding = self::check($part)->bands(Bands::words($bands));

        self::assertSame([$verdict, $instead], [$finding->verdict, $finding->parts]);
    }

    public function test_where_the_other_reading_is_stocked_too_the_meter_decides(): void
    {
        // Brown red red black brown is 122 x 1 ohm; from the other end brown black red red brown, 102 x 100 ohm.
        $rows = ['R1,122 1%,Axial 1/4W,resistor', 'R2,10.2k 1%,Axial 1/4W,resistor'];
        $bands = Bands::words('brown red red black brown');
        $both = self::check('R1', $rows)->bands($bands);
        $alone = self::check('R1', [$rows[0]])->bands($bands);

        self::assertSame([LotVerdict::Measure, ['R2']], [$both->verdict, $both->parts]);
        self::assertSame(LotVerdict::Accepted, $alone->verdict);
    }

    /** @return iterable<string, array{string, string, LotVerdict, list<string>}> */
    public static function prints(): iterable
    {
        yield 'the code' => ['C1', '104', LotVerdict::Accepted, []];
        yield 'the code with its letter' => ['C1', '104K', LotVerdict::Accepted, []];
        yield 'a figure more is another value' => ['C1', '1045', LotVerdict::Stranger, []];
        yield 'another part of the kit' => ['C1', '103', LotVerdict::Another, ['C2']];
        yield 'nothing that is stocked' => ['C1', '474', LotVerdict::Stranger, []];
        yield 'picofarads alone, two characters' => ['C3', '22', LotVerdict::Accepted, []];
        yield 'the type with its suffix' => ['U1', 'LM393N', LotVerdict::Accepted, []];
        yield 'three characters of it' => ['U1', '393', LotVerdict::Accepted, []];
        yield 'three that two have' => ['U1', 'LM3', LotVerdict::More, ['U2']];
        yield 'two characters are too few' => ['U1', '39', LotVerdict::More, []];
        yield 'the other chip' => ['U1', 'LM358N', LotVerdict::Another, ['U2']];
        yield 'a lamp bears no mark' => ['LED1', 'red', LotVerdict::Light, []];
        yield 'a button bears no mark' => ['SW1', 'push', LotVerdict::Unmarked, []];
    }

    /** @param list<string> $instead */
    #[DataProvider('prints')]
    public function test_prints_are_compared_by_what_is_there(
        string $part,
        string $typed,
        LotVerdict $verdict,
        array $instead,
    ): void {
        $finding = self::check($part)->print($typed);

        self::assertSame([$verdict, $instead], [$finding->verdict, $finding->parts]);
    }

    public function test_a_stranger_says_what_its_mark_reads(): void
    {
        self::assertSame(["1 k\u{03A9}"], self::told(self::check('R1')->bands(Bands::words('brown black red gold'))));
        self::assertSame(['470 nF'], self::told(self::check('C1')->print('474')));
    }

    public function test_what_is_asked_follows_from_what_the_part_shows(): void
    {
        self::assertSame(
            ['R1' => 'bands', 'C1' => 'print', 'U1' => 'print', 'LED1' => 'light', 'SW1' => 'measure'],
            array_map(
                static fn(string $part): string => self::check($part)->asks(),
                array_combine(['R1', 'C1', 'U1', 'LED1', 'SW1'], ['R1', 'C1', 'U1', 'LED1', 'SW1']),
            ),
        );
    }

    /** @return list<string> with a plain space */
    private static function told(LotFinding $finding): array
    {
        return array_map(static fn(string $text): string => str_replace("\u{2009}", ' ', $text), $finding->readings);
    }

    /** @param list<string> $rows */
    private static function check(string $part, array $rows = self::ROWS): LotCheck
    {
        $kit = KitMaker::kit($rows);
        $expected = $kit->part($part);
        self::assertInstanceOf(KitPart::class, $expected);

        return new LotCheck($expected, array_values($kit->parts));
    }
}
