<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Step;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** In which step hardware goes in that has none of its own. */
final class RidersTest extends TestCase
{
    private const BOM = [
        'R1,1k,Axial 1/4W,resistor',
        'L1,22u,,hand-wound coil',
        'Q1,BD139,TO-126,transistor',
        'HS1,sink,,heat sink',
        'BOX1,plain,,enclosure',
        'SCR9,M3,,screw',
    ];

    /** @return iterable<string, array{string, array<string, mixed>, string}> row, kit, the step it is in (empty for none) */
    public static function riders(): iterable
    {
        $wires = ['wires' => [['name' => 'W1', 'from' => 'R1.1', 'to' => 'L1.1', 'mm' => 60, 'colour' => 'red']]];
        $sub = ['groups' => ['subassembly' => [['Q1', 'HS1']]]];
        $cure = [
            'groups' => [
                'cures' => [
                    ['name' => 'varnish', 'of' => ['L1'], 'when' => 'after-fitting', 'hours' => 2, 'blocks' => []],
                ],
            ],
        ];
        $fix = ['groups' => ['fixings' => [['by' => 'SCR9', 'holds' => ['Q1']]]]];
        yield 'by the part its row names' => [',,,washer for Q1', $sub, 'bolt Q1 HS1'];
        yield 'by a part that is only soldered' => [',,,sleeve for R1', [], 'solder L1 R1'];
        yield 'a name of no part says nothing' => [',,,sleeve for R9', [], ''];
        yield 'wire by its kind' => [',0.5 m,,hook-up wire', $wires, 'solder W1'];
        yield 'wire where none is soldered' => [',0.5 m,,hook-up wire', [], ''];
        yield 'a screw where something is bolted' => [',M3x8,,screw', $sub, 'bolt Q1 HS1'];
        yield 'varnish where something cures' => [',,,varnish glue', $cure, 'cure L1'];
        yield 'glue where nothing cures' => [',,,glue', [], ''];
        yield 'glue where something is fixed' => [',,,glue', $fix, 'bolt SCR9'];
        yield 'varnish cures before it fixes' => [',,,varnish glue', array_merge_recursive($cure, $fix), 'cure L1'];
        yield 'a former with the first coil' => [',,,winding former', [], 'solder L1 R1'];
        yield 'a heat sink without a name where something is bolted' => [',,,heat sink', $sub, 'bolt Q1 HS1'];
        yield 'a heat sink where nothing is bolted' => [',,,heat sink', [], ''];
        yield 'a screw where something is fixed before what is bolted' => [
            ',M3x8,,screw',
            array_merge_recursive($sub, $fix),
            'bolt SCR9',
        ];
        yield 'a screw where nothing is bolted holds the case' => [',M3x8,,screw', [], 'place BOX1'];
        yield 'solder where it is first melted' => [',solder,,solder', [], 'first solder'];
    }

    /** @param array<string, mixed> $json */
    #[DataProvider('riders')]
    public function test_it_goes_in_where_its_row_or_its_kind_says(string $row, array $json, string $wanted): void
    {
        $order = KitMaker::order(KitMaker::kit([...self::BOM, $row], [], $json));
        $found = array_values(
            array_filter(
                $order->steps,
                static fn(Step $step): bool => in_array('~' . (count(self::BOM) + 2), $step->uses, true),
            ),
        );
        $told = $found === [] ? '' : trim($found[0]->action->value . ' ' . implode(' ', $found[0]->names()));
        if ($wanted === 'first solder') {
            $first = array_values(
                array_filter($order->steps, static fn(Step $step): bool => $step->action->value === 'solder'),
            )[0];
            self::assertSame($first->number, $found[0]->number ?? null);

            return;
        }

        self::assertSame($wanted, $told);
    }
}
