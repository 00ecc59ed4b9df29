<?php

declare(strict_types=1);

namespace Chiralex\Tests\Polarity;

use Chiralex\Part\Mark;
use Chiralex\Polarity\Data\BoardMarkTable;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What of a part meets a sign that a legend shows; common practice, no source. */
final class SeenMarkTest extends TestCase
{
    /** @return iterable<string, array{string, ?Mark, string, ?Mark}> part, the mark it is checked by, the sign seen, what meets it */
    public static function signs(): iterable
    {
        yield 'a plus beside an electrolytic' => ['C1', Mark::Stripe, 'plus', Mark::LongLead];
        yield 'a minus beside its stripe' => ['C1', Mark::Stripe, 'minus', Mark::Stripe];
        yield 'a plus beside a diode, whose usual sign is a bar' => ['D1', Mark::Band, 'plus', Mark::LongLead];
        yield 'a minus beside a lamp' => ['LED1', Mark::Flat, 'minus', Mark::ShortLead];
        yield 'a bar beside a diode' => ['D1', Mark::Band, 'bar', Mark::Band];
        yield 'the usual sign, whatever the maker marked' => ['D1', Mark::Ink, 'bar', Mark::Band];
        yield 'another sign meets the mark that is checked by' => ['D1', Mark::Ink, 'dot', Mark::Ink];
        yield 'another sign and no mark' => ['D1', null, 'dot', Mark::Band];
        yield 'a sign at a part without direction' => ['R1', null, 'dot', null];
    }

    #[DataProvider('signs')]
    public function test_a_sign_is_met_by_a_mark(string $part, ?Mark $check, string $seen, ?Mark $meets): void
    {
        $kit = KitMaker::kit(['C1,100u,8x11,electrolytic', 'D1,1N4148,DO-35,diode', 'LED1,red,LED 5mm,', 'R1,1k,,']);
        $mark = BoardMarkTable::seen($kit->parts[$part]->row, $check, $seen);

        self::assertSame([$meets, $meets === null ? null : $seen], [$mark?->meets, $mark?->print]);
    }
}
