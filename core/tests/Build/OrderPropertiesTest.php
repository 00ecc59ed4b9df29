<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Action;
use Chiralex\Build\RuleBook;
use Chiralex\Build\Step;
use Chiralex\Build\TaskBook;
use Chiralex\Kit\Kit;
use Chiralex\Tests\KitMaker;
use Chiralex\Tests\RandomKit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What holds for every build order, on kits drawn at random. */
final class OrderPropertiesTest extends TestCase
{
    /** @return array<string, array{int, string, int}> seed, school, parts in a step */
    public static function kits(): array
    {
        $cases = [];
        foreach ([11, 12, 13] as $seed) {
            foreach (['lowest-first', 'kind-by-kind', 'block-by-block'] as $at => $school) {
                $cases["kit {$seed}, {$school}"] = [$seed, $school, [6, 1, 3][($seed + $at) % 3]];
            }
        }

        return $cases;
    }

    #[DataProvider('kits')]
    public function test_every_part_is_fitted_once_and_no_step_is_too_full(int $seed, string $school, int $group): void
    {
        $kit = self::kit($seed, $school, $group);
        $fitted = array_merge(
            ...array_map(
                static fn(Step $step): array => in_array($step->action, [Action::Solder, Action::Insert], true)
                    ? $step->names()
                    : [],
                KitMaker::order($kit)->steps,
            ),
        );
        $wanted = array_map(strval(...), array_keys($kit->parts));
        sort($fitted);
        sort($wanted);

        self::assertSame($wanted, $fitted);
        foreach (KitMaker::order($kit)->steps as $step) {
            self::assertLessThanOrEqual($group, count($step->parts), "step {$step->number}");
        }
    }

    #[DataProvider('kits')]
    public function test_every_rule_is_kept(int $seed, string $school, int $group): void
    {
        $kit = self::kit($seed, $school, $group);
        $order = KitMaker::order($kit);
        $at = [];
        foreach ($order->steps as $step) {
            foreach ($step->names() as $name) {
                $at["{$step->action->value} {$name}"] = $step->number;
            }
        }
        $book = TaskBook::of($kit);
        foreach ((new RuleBook())->precedence($kit, $book)->rules as $rule) {
            if (isset($at[$rule->before], $at[$rule->after]) && !$rule->derived) {
                self::assertLessThan($at[$rule->after], $at[$rule->before], "{$rule->before} before {$rule->after}");
            }
        }
        self::assertSame([], $order->broken);
    }

    #[DataProvider('kits')]
    public function test_the_order_does_not_hang_on_the_order_of_the_rows(int $seed, string $school, int $group): void
    {
        [$bom, $places] = RandomKit::rows($seed, 11);
        $json = self::settings($school, $group);
        $names = static fn(Kit $kit): array => array_map(
            static fn(Step $step): array => $step->names(),
            KitMaker::order($kit)->steps,
        );
        $one = $names(KitMaker::kit($bom, $places, $json));
        mt_srand($seed + 1);
        shuffle($bom);
        shuffle($places);

        self::assertSame($one, $names(KitMaker::kit($bom, $places, $json)));
    }

    #[DataProvider('kits')]
    public function test_a_place_the_maker_gave_stands_when_the_list_changes(
        int $seed,
        string $school,
        int $group,
    ): void {
        [$bom, $places] = RandomKit::rows($seed, 11);
        $steps = array_values(
            array_filter(
                KitMaker::order(self::kit($seed, $school, $group))->steps,
                static fn(Step $step): bool => $step->action === Action::Solder,
            ),
        );
        $early = $steps[0]->names()[0];
        $late = $steps[count($steps) - 1]->names()[0];
        $json = self::settings($school, $group) + [
            'overrides' => ['order' => [['parts' => [$early], 'after' => [$late], 'sameStep' => false]]],
        ];
        foreach ([[], ['R91,10M 5%,Axial 1/4W,resistor', 'C91,1u,5x11,electrolytic']] as $more) {
            $at = [];
            foreach (
                KitMaker::order(
                    KitMaker::kit(
                        [...$bom, ...$more],
                        [
                            ...$places,
                            ...array_map(
                                static fn(string $row, int $i): string => explode(',', $row)[0] .
                                    ',' .
                                    (60 + 8 * $i) .
                                    ',54,0,top',
                                $more,
                                array_keys($more),
                            ),
                        ],
                        $json,
                    ),
                )->steps as $step
            ) {
                $at += array_fill_keys($step->names(), $step->number);
            }
            self::assertGreaterThan($at[$late], $at[$early], "{$early} after {$late}");
        }
    }

    private static function kit(int $seed, string $school, int $group): Kit
    {
        [$bom, $places] = RandomKit::rows($seed, 11);

        return KitMaker::kit($bom, $places, self::settings($school, $group));
    }

    /** @return array<string, mixed> */
    private static function settings(string $school, int $group): array
    {
        return ['settings' => ['school' => $school, 'group' => $group]];
    }
}
