<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Build\Planner;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Matter;
use Chiralex\Review\Reviewer;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The kit checks: what is printed, named, rated and preferred. */
final class KitChecksTest extends TestCase
{
    private const NTC = 'RT1,10k NTC,bead,thermistor';

    /** @return iterable<string, array{list<string>, array<string, mixed>, string, array<string, mixed>}> bom, json, code, arguments */
    public static function told(): iterable
    {
        // facts of the trade: place printed 105, part marked 683 is 6.8 % of what the board asks (recomputed)
        yield 'another code on the board' => [
            ['C1,683,disc 5mm,ceramic'],
            ['lines' => ['C1' => ['prints' => '105']]],
            'board.prints-value',
            ['percent' => 6.8],
        ];
        yield 'another type number on the board' => [
            ['U1,LM393,DIP-8,comparator'],
            ['lines' => ['U1' => ['prints' => 'LM358']]],
            'board.prints-another',
            ['prints' => 'LM358'],
        ];
        yield 'a value no series has' => [
            ['R1,4321,Axial 1/4W,'],
            [],
            'parts.not-preferred',
            ['series' => 'E24', 'nearest' => "4.3\u{2009}k\u{03A9}"],
        ];
        yield 'a tight value no series has' => [
            ['R1,4321 1%,Axial 1/4W,'],
            [],
            'parts.not-preferred',
            ['series' => 'E96', 'nearest' => "4.32\u{2009}k\u{03A9}"],
        ];
        yield 'a value the maker forbids' => [
            ['U1,LM 358,DIP-8,dual amplifier'],
            ['lines' => ['U1' => ['substitutes' => ['forbidden' => ['lm358']]]]],
            'parts.forbidden-value',
            ['why' => 'twin.comparator'],
        ];
        yield 'nothing powers it' => [['LED1,red,LED 5mm,LED'], [], 'parts.no-supply', ['example' => 'LED1']];
        yield 'a supply without a current' => [
            ['LED1,red,LED 5mm,LED'],
            ['supply' => ['volts' => 9]],
            'parts.no-current',
            ['volts' => 9.0],
        ];
        yield 'glued with nothing' => [['R1,1k,,'], ['traits' => ['glue']], 'parts.no-adhesive', []];
        yield 'varnish nobody has' => [
            ['L1,10uH,,coil'],
            [
                'groups' => [
                    'cures' => [
                        [
                            'name' => 'varnish',
                            'of' => ['L1'],
                            'when' => 'before-fitting',
                            'hours' => 12,
                            'blocks' => ['L1'],
                        ],
                    ],
                ],
            ],
            'parts.cure-unnamed',
            ['cure' => 'varnish'],
        ];
        yield 'a lug that the part has not' => [
            ['J1,jack,,jack', 'SW1,on,toggle,toggle switch'],
            [
                'lines' => ['J1' => ['pins' => ['tip' => [0, 0], 'sleeve' => [5, 0]]]],
                'wires' => [['name' => 'W1', 'from' => 'J1.ring', 'to' => 'SW1.a']],
            ],
            'marks.terminal-unknown',
            ['terminal' => 'ring', 'where' => 'W1'],
        ];
        yield 'lugs by number and by name' => [
            ['J1,jack,,jack', 'SW1,on,toggle,toggle switch'],
            [
                'wires' => [
                    ['name' => 'W1', 'from' => 'J1.1', 'to' => 'SW1.a'],
                    ['name' => 'W2', 'from' => 'J1.sleeve', 'to' => 'SW1.b'],
                ],
            ],
            'marks.terminal-mixed',
            ['numbers' => ['1'], 'words' => ['sleeve']],
        ];
        yield 'one lug in two spellings' => [
            ['J1,jack,,jack', 'SW1,on,toggle,toggle switch'],
            [
                'wires' => [
                    ['name' => 'W1', 'from' => 'J1.Tip', 'to' => 'SW1.a'],
                    ['name' => 'W2', 'from' => 'J1.tip', 'to' => 'SW1.b'],
                ],
            ],
            'marks.terminal-spelling',
            ['words' => ['Tip', 'tip']],
        ];
        yield 'a loose part without a step' => [
            [self::NTC],
            ['lines' => ['RT1' => ['supply' => 'loose']]],
            'manual.loose-nowhere',
            ['designator' => 'RT1'],
        ];
        yield 'a stated rating goes before that of the body' => [
            ['R1,100,Axial 1/4W,metal film 0.6 W'],
            ['nets' => ['R1' => ['across' => '9 V']]],
            'parts.overload',
            ['rating' => 0.6, 'watts' => 0.81],
        ];
    }

    /**
     * @param list<string> $bom
     * @param array<string, mixed> $json
     * @param array<string, mixed> $args
     */
    #[DataProvider('told')]
    public function test_it_is_told_with_its_numbers(array $bom, array $json, string $code, array $args): void
    {
        $found = self::find(KitMaker::kit($bom, [], $json), $code);

        self::assertNotNull($found, $code);
        self::assertSame($args, array_intersect_key($found->args, $args));
    }

    /** @return iterable<string, array{list<string>, array<string, mixed>, string}> */
    public static function quiet(): iterable
    {
        yield 'the same value in another spelling' => [
            ['C1,683,disc 5mm,ceramic'],
            ['lines' => ['C1' => ['prints' => '68n']]],
            'board.prints-value',
        ];
        yield 'the same value as a code' => [
            ['R1,4k7,Axial 1/4W,'],
            ['lines' => ['R1' => ['prints' => '472']]],
            'board.prints-value',
        ];
        yield 'a member of E24' => [['R1,4k3,Axial 1/4W,'], [], 'parts.not-preferred'];
        yield 'a member of E96 alone' => [['R1,4.99k,Axial 1/4W,'], [], 'parts.not-preferred'];
        yield 'a link' => [['R1,0,Axial 1/4W,'], [], 'parts.not-preferred'];
        yield 'nothing that needs power' => [['R1,1k,,'], [], 'parts.no-supply'];
        yield 'a supply with volts and amps' => [
            ['LED1,red,LED 5mm,LED'],
            ['supply' => ['volts' => [8, 9.6], 'amps' => 0.05]],
            'parts.no-supply',
        ];
        yield 'glue in the list' => [
            ['R1,1k,,', 'X9,two-part,,epoxy glue'],
            ['traits' => ['glue']],
            'parts.no-adhesive',
        ];
        yield 'a loose part at a wire' => [
            [self::NTC, 'J2,2 way,5.08,terminal block'],
            [
                'lines' => ['RT1' => ['supply' => 'loose', 'usedAt' => 'W1']],
                'wires' => [['name' => 'W1', 'from' => 'J2.1', 'to' => 'RT1.1']],
            ],
            'manual.loose-nowhere',
        ];
    }

    /**
     * @param list<string> $bom
     * @param array<string, mixed> $json
     */
    #[DataProvider('quiet')]
    public function test_nothing_is_said_where_nothing_is_wrong(array $bom, array $json, string $code): void
    {
        self::assertNull(self::find(KitMaker::kit($bom, [], $json), $code));
    }

    private static function find(Kit $kit, string $code): ?Matter
    {
        foreach ((new Reviewer())->matters($kit, (new Planner())->plan($kit)) as $matter) {
            if ($matter->code === $code) {
                return $matter;
            }
        }

        return null;
    }
}
