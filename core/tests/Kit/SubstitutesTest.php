<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Bom\Twins;
use Chiralex\Kit\Substitutes;
use Chiralex\Manual\LooseParts;
use Chiralex\Reason\Reason;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SubstitutesTest extends TestCase
{
    /** @return iterable<string, array{string, string, ?string}> common practice, no source */
    public static function twins(): iterable
    {
        yield 'a Schmitt gate and a plain gate' => ['74HC14', '74HC04', 'twin.schmitt'];
        yield 'the older families of the same' => ['CD40106', 'CD4069UB', 'twin.schmitt'];
        yield 'two timers' => ['NE555', 'TLC555', 'twin.timer'];
        yield 'an amplifier and a comparator' => ['LM358', 'LM393', 'twin.comparator'];
        yield 'whatever the order' => ['LM393', 'LM 358', 'twin.comparator'];
        yield 'transistors with other legs' => ['BC547', '2N3904', 'twin.transistor-pins'];
        yield 'a part and itself' => ['LM393', 'LM393', null];
        yield 'two of one family' => ['LM393', 'LM2903', null];
        yield 'resistors' => ['10k', '22k', null];
    }

    #[DataProvider('twins')]
    public function test_parts_with_the_same_pins_that_behave_otherwise_are_known(
        string $a,
        string $b,
        ?string $code,
    ): void {
        self::assertSame($code, Twins::between($a, $b)?->code);
    }

    public function test_what_depends_on_a_part_is_told(): void
    {
        $kit = KitMaker::kit(
            ['R1,10k,,', 'R2,10k,,', 'R3,1k,,', 'RV1,20k,trimmer 10mm,', 'D5,1N4148,,', 'D6,1N4148,,'],
            [],
            [
                'gates' => [['name' => 'supply', 'needs' => ['R3'], 'expect' => '5 V']],
                'tests' => [
                    ['name' => 'half', 'expect' => 'divider(5, R1, R2)', 'points' => ['TP1', 'TP2']],
                    ['name' => 'set', 'adjusts' => 'RV1', 'expect' => '2 V'],
                ],
                'groups' => ['selected' => [['parts' => ['D5', 'D6'], 'maxDifference' => '2 mV']]],
                'nets' => ['R3' => ['across' => '9 V']],
            ],
        );
        $codes = static function (string $name) use ($kit): array {
            $part = $kit->part($name);
            self::assertNotNull($part);

            return array_map(
                static fn(Reason $reason): string => $reason->code,
                (new Substitutes($kit))->dependents($part),
            );
        };

        self::assertSame(
            [
                ['depends.formula'],
                ['depends.formula'],
                ['depends.gate', 'depends.voltage'],
                ['depends.adjusts'],
                ['depends.selected'],
            ],
            array_map($codes, ['R1', 'R2', 'R3', 'RV1', 'D5']),
        );
    }

    public function test_a_loose_part_stands_at_the_step_that_uses_it(): void
    {
        $json = static fn(string $usedAt): array => [
            'lines' => ['RT1' => ['supply' => 'loose', 'usedAt' => $usedAt]],
            'gates' => [['name' => 'Supply', 'needs' => ['R1']]],
            'tests' => [['name' => 'frost point', 'adjusts' => 'RV1', 'expect' => '2 V']],
        ];
        foreach (['supply' => 'gate', 'R1' => 'solder', 'frost point' => 'adjust'] as $usedAt => $action) {
            $kit = KitMaker::kit(
                ['R1,10k,,', 'RV1,20k,trimmer 10mm,', 'RT1,10k NTC,bead,thermistor'],
                [],
                $json($usedAt),
            );
            $order = KitMaker::order($kit);
            $used = (new LooseParts())->of($kit, $order);
            self::assertSame([['RT1']], array_values($used), $usedAt);
            self::assertSame($action, $order->steps[array_key_first($used) - 1]->action->value, $usedAt);
        }
    }
}
