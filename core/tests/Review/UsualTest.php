<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Build\Planner;
use Chiralex\Reason\Matter;
use Chiralex\Review\Reviewer;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is usual in the trade is no matter; common practice, no source. */
final class UsualTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string, bool}> parts, matter, whether it is told */
    public static function usages(): iterable
    {
        yield 'U of a chip and a regulator' => [
            ['U1,LM393,DIP-8,IC', 'U2,7805,TO-220,voltage regulator'],
            'board.prefix-kinds',
            false,
        ];
        yield 'RV of a pot and a trimmer' => [
            ['RV1,10k,16mm,potentiometer', 'RV2,10k,trimmer 6mm,trimmer'],
            'board.prefix-kinds',
            false,
        ];
        yield 'VR of a regulator and a trimmer' => [
            ['VR1,7805,TO-220,voltage regulator', 'VR2,10k,trimmer 6mm,trimmer'],
            'board.prefix-kinds',
            true,
        ];
        yield 'a coil of turns' => [['L1,35uH,,air coil of 40 turns'], 'parts.not-preferred', false];
        yield 'a coil from the shelf' => [['L1,35uH,Axial 1/4W,inductor'], 'parts.not-preferred', true];
    }

    /** @param list<string> $bom */
    #[DataProvider('usages')]
    public function test_what_is_usual_is_no_matter(array $bom, string $code, bool $told): void
    {
        $places = array_map(
            static fn(string $row, int $at): string => explode(',', $row)[0] . ',' . (20 + 30 * $at) . ',30,0,top',
            $bom,
            array_keys($bom),
        );
        $kit = KitMaker::kit($bom, $places);
        $codes = array_map(
            static fn(Matter $matter): string => $matter->code,
            (new Reviewer())->matters($kit, (new Planner())->plan($kit)),
        );

        self::assertSame($told, in_array($code, $codes, true));
    }
}
