<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Bom\Provision;
use Chiralex\Build\Step;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\Option;
use Chiralex\Kit\OptionChoice;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

final class OptionsTest extends TestCase
{
    private const JSON = [
        'options' => [
            'box' => ['default' => 'plain', 'plain' => ['BOX1'], 'drilled' => ['BOX2']],
            'power' => ['battery' => ['BT1'], 'jack' => ['J1', 'D1']],
        ],
        'wires' => [['name' => 'W1', 'from' => 'J1.1', 'to' => 'R1.1', 'option' => 'power=jack']],
    ];

    public function test_what_is_not_chosen_is_left_out_of_everything_that_follows(): void
    {
        $plain = self::kit('');
        $other = self::kit('box=drilled;power=jack');

        self::assertSame(
            [Provision::Kit, Provision::Alternative, Provision::Alternative],
            [$plain->part('BOX1')?->supply, $plain->part('BOX2')?->supply, $plain->part('J1')?->supply],
        );
        self::assertSame(
            [Provision::Alternative, Provision::Kit, Provision::Kit],
            [$other->part('BOX1')?->supply, $other->part('BOX2')?->supply, $other->part('J1')?->supply],
        );
        self::assertSame([0, 1], [count($plain->work->wires), count($other->work->wires)]);
        self::assertSame(['BOX1', 'BT1', 'R1'], self::packed($plain));
        self::assertSame(['BOX2', 'D1', 'J1', 'R1'], self::packed($other));
    }

    public function test_the_first_value_is_the_default_where_none_is_named(): void
    {
        self::assertSame(
            [['box', 'plain', 'plain'], ['power', 'battery', 'battery']],
            array_map(
                static fn(Option $option): array => [$option->name, $option->default, $option->chosen],
                self::kit('')->choices->options,
            ),
        );
        self::assertSame(
            ['plain', 'jack'],
            array_map(static fn(Option $option): string => $option->chosen, self::kit('power=jack')->choices->options),
        );
    }

    public function test_one_choice_has_one_text(): void
    {
        $options = self::kit('')->choices->options;

        self::assertSame('', OptionChoice::text($options, ['box' => 'plain', 'power' => 'battery']));
        self::assertSame(
            'box=drilled;power=jack',
            OptionChoice::text($options, OptionChoice::parse('power=jack; box=drilled')),
        );
        self::assertSame(['', 'box=drilled', 'power=jack', 'box=drilled;power=jack'], OptionChoice::all($options));
        self::assertSame([''], OptionChoice::all([]));
        self::assertSame([], OptionChoice::parse('nonsense;;=x'));
    }

    public function test_a_choice_that_the_kit_does_not_have_is_refused_by_name(): void
    {
        $this->expectException(UnusableKit::class);
        $this->expectExceptionMessage('Option "box=painted" is none of this kit (its options: box, power).');

        self::kit('box=painted');
    }

    private static function kit(string $choice): Kit
    {
        return (new KitReader())->read(
            KitMaker::files(
                [
                    'R1,1k,,',
                    'BOX1,plain,,enclosure',
                    'BOX2,drilled,,enclosure',
                    'BT1,9 V,,battery',
                    'J1,barrel,barrel,barrel jack',
                    'D1,1N5819,DO-41,',
                ],
                [],
                self::JSON,
            ),
            OptionChoice::parse($choice),
        );
    }

    /** @return list<string> */
    private static function packed(Kit $kit): array
    {
        $names = array_map(strval(...), array_keys((new BagPlanner())->plan($kit, KitMaker::order($kit))->bagOf()));
        sort($names);

        return $names;
    }

    public function test_a_cover_that_is_not_chosen_is_no_step(): void
    {
        $kit = static fn(string $choice): Kit => (new KitReader())->read(
            KitMaker::files(
                [
                    'R1,10k,Axial 1/4W,resistor',
                    'RV1,20k,trimmer 10mm,trimmer',
                    'BOX1,plain,,enclosure',
                    'BOX2,drilled,,enclosure',
                ],
                ['R1,20,20,0,top', 'RV1,40,30,0,top'],
                [
                    'options' => ['box' => ['default' => 'plain', 'plain' => ['BOX1'], 'drilled' => ['BOX2']]],
                    'groups' => [
                        'covers' => [['by' => 'BOX1', 'over' => ['RV1']], ['by' => 'BOX2', 'over' => ['RV1']]],
                    ],
                ],
            ),
            OptionChoice::parse("box={$choice}"),
        );
        $boxes = static fn(string $choice): array => array_values(
            array_filter(
                array_merge(
                    ...array_map(static fn(Step $step): array => $step->names(), KitMaker::order($kit($choice))->steps),
                ),
                static fn(string $name): bool => str_starts_with($name, 'BOX'),
            ),
        );

        self::assertSame([['BOX1'], ['BOX2']], [$boxes('plain'), $boxes('drilled')]);
    }

    public function test_a_choice_is_one_text_whatever_its_order_and_blanks(): void
    {
        self::assertSame('box=drilled;power=jack', OptionChoice::plain(' power = jack; box=drilled;nothing; =x'));
        self::assertSame('', OptionChoice::plain(''));
    }
}
