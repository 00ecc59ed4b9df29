<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Review\FactOffers;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is offered to a maker who has not said it; all kits are invented. */
final class FactOffersTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>, list<string>, array<string, mixed>, mixed}> fact, parts, places, kit, offer */
    public static function offers(): iterable
    {
        yield 'a code of two words' => ['code', ['R1,1k,,'], [], ['name' => 'Frost Bell'], 'FB'];
        yield 'a code of one word' => ['code', ['R1,1k,,'], [], ['name' => 'Kiln'], 'KI'];
        yield 'no code of a name in digits' => ['code', ['R1,1k,,'], [], ['name' => '4711'], null];
        yield 'no code longer than six letters' => ['code', ['R1,1k,,'], [], ['name' => 'a b c d e f g'], null];
        yield 'volts of a battery' => ['supply', ['BT1,9 V,PP3,battery'], [], [], ['volts' => 9.0]];
        yield 'volts of a jack' => ['supply', ['J1,12 V in,,barrel jack'], [], [], ['volts' => 12.0]];
        yield 'volts with a comma' => ['supply', ['J1,"4,5 V in",,barrel jack'], [], [], ['volts' => 4.5]];
        yield 'cells of a holder' => ['supply', ['BH1,3xAA,,battery holder'], [], [], ['volts' => 4.5]];
        yield 'no volts said' => ['supply', ['J1,in,,barrel jack'], [], [], null];
        $dip = ['XU1,8 way,DIP-8,IC socket', 'U1,LM393,DIP-8,comparator', 'J1,9 V in,,barrel jack'];
        yield 'a socket by its place' => ['groups.sockets', $dip, ['XU1,40,30,0,top'], [], [['XU1', 'U1']]];
        yield 'a gate before the ICs' => [
            'gates',
            $dip,
            ['XU1,40,30,0,top'],
            [],
            [['name' => 'supply', 'needs' => ['J1'], 'protects' => ['U1']]],
        ];
        yield 'no gate where nothing brings power' => ['gates', array_slice($dip, 0, 2), [], [], null];
        yield 'a heat sink by its row' => [
            'groups.subassembly',
            ['Q1,BD139,TO-126,transistor', 'HS1,for Q1,,heat sink'],
            [],
            [],
            [['Q1', 'HS1']],
        ];
        yield 'a heat sink that names nothing' => [
            'groups.subassembly',
            ['Q1,BD139,TO-126,transistor', 'HS1,20 mm,,heat sink'],
            [],
            [],
            null,
        ];
        $panel = ['PANEL,front,,front panel', 'RV1,10k,16mm,potentiometer', 'R1,1k,,resistor'];
        yield 'what a nut holds stands in the panel' => [
            'groups.panels',
            $panel,
            [],
            [],
            [['by' => 'PANEL', 'parts' => ['RV1']]],
        ];
        $walled = ['PANEL,front,,front panel', 'S1,tact,6x6,push button', 'R1,1k,,resistor'];
        yield 'a button that reaches over the edge stands in the panel' => [
            'groups.panels',
            $walled,
            ['S1,1,30,0,top', 'R1,0,10,0,top'],
            [],
            [['by' => 'PANEL', 'parts' => ['S1']]],
        ];
        yield 'a button in the middle does not' => [
            'groups.panels',
            $walled,
            ['S1,40,30,0,top', 'R1,0,10,0,top'],
            [],
            null,
        ];
        yield 'a part that a hole is drilled for stands in its panel, of several too' => [
            'groups.panels',
            [...$panel, 'BACK,back,,back panel'],
            [],
            ['drilling' => [['by' => 'BACK', 'size' => [80, 60], 'holes' => [['for' => 'RV1', 'at' => [10, 10]]]]]],
            [['by' => 'BACK', 'parts' => ['RV1']]],
        ];
        yield 'of two panels none is guessed' => ['groups.panels', [...$panel, 'BACK,back,,back panel'], [], [], null];
        yield 'holes where the parts stand' => [
            'drilling',
            $panel,
            ['RV1,50,40,0,top'],
            ['groups' => ['panels' => [['by' => 'PANEL', 'parts' => ['RV1']]]]],
            [
                [
                    'by' => 'PANEL',
                    'size' => [80.0, 60.0],
                    'holes' => [['for' => 'RV1', 'at' => [10.0, 10.0], 'diameter' => 7.0]],
                ],
            ],
        ];
        yield 'holes to a hundredth' => [
            'drilling',
            $panel,
            ['RV1,50.1264,40.0049,0,top'],
            ['groups' => ['panels' => [['by' => 'PANEL', 'parts' => ['RV1']]]]],
            [
                [
                    'by' => 'PANEL',
                    'size' => [80.0, 60.0],
                    'holes' => [['for' => 'RV1', 'at' => [10.13, 10.0], 'diameter' => 7.0]],
                ],
            ],
        ];
        yield 'no holes without a panel' => ['drilling', $panel, ['RV1,50,40,0,top'], [], null];
        $boards = [
            'boards' => [
                ['name' => 'main', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
                [
                    'name' => 'lamps',
                    'outline' => [[0, 0], [20, 0], [20, 60], [0, 60]],
                    'joined' => ['to' => 'main', 'at' => [80, 0]],
                ],
            ],
        ];
        yield 'a joined board is snapped off' => [
            'groups.snapOff',
            ['R1,1k,,resistor'],
            [],
            $boards,
            [['board' => 'lamps', 'before' => []]],
        ];
        yield 'a board alone is not' => ['groups.snapOff', ['R1,1k,,resistor'], [], [], null];
    }

    /**
     * @param list<string> $bom
     * @param list<string> $places
     * @param array<string, mixed> $json
     */
    #[DataProvider('offers')]
    public function test_what_can_be_worked_out_is_offered(
        string $fact,
        array $bom,
        array $places,
        array $json,
        mixed $offered,
    ): void {
        $found = null;
        foreach ((new FactOffers(KitMaker::kit($bom, $places, $json)))->all() as $offer) {
            $found = $offer->fact === $fact ? $offer->value : $found;
        }

        self::assertSame($offered, $found);
    }

    public function test_a_board_comes_off_before_the_wires_that_leave_it(): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,Axial 1/4W,', 'R2,1k,Axial 1/4W,', 'R3,1k,Axial 1/4W,'],
            [],
            [
                'boards' => [
                    ['name' => 'main', 'outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]],
                    [
                        'name' => 'lamps',
                        'outline' => [[0, 0], [20, 0], [20, 60], [0, 60]],
                        'joined' => ['to' => 'main', 'at' => [80, 0]],
                    ],
                ],
                'wires' => [
                    ['name' => 'W1', 'from' => 'R1.1', 'to' => 'R2.1', 'mm' => 60],
                    ['name' => 'W2', 'from' => 'R1.1', 'to' => 'R3.1', 'mm' => 60],
                ],
            ],
            "Ref,X,Y,Rotation,Side,Board\nR1,20,20,0,top,main\nR2,10,20,0,top,lamps\nR3,20,40,0,top,main\n",
        );
        $offers = array_column((new FactOffers($kit))->all(), 'value', 'fact');

        self::assertSame([['board' => 'lamps', 'before' => ['W1']]], $offers['groups.snapOff'] ?? null);
    }
}
