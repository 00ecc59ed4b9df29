<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Bag;
use Chiralex\Bagging\BagItem;
use Chiralex\Bagging\BagPlanner;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Sorting;
use Chiralex\Tests\KitMaker;
use Chiralex\Tests\RandomKit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What holds for every bag plan, on kits drawn at random. */
final class BagPropertiesTest extends TestCase
{
    /** @return array<string, array{int, Sorting}> */
    public static function kits(): array
    {
        $cases = [];
        foreach ([21, 22, 23, 24] as $seed) {
            foreach (Sorting::cases() as $school) {
                $cases["kit {$seed}, {$school->value}"] = [$seed, $school];
            }
        }

        return $cases;
    }

    #[DataProvider('kits')]
    public function test_every_part_is_in_one_bag_and_counted_once(int $seed, Sorting $school): void
    {
        $kit = self::kit($seed);
        $plan = (new BagPlanner())->plan($kit, KitMaker::order($kit), $school);
        $names = array_merge(...array_map(static fn(Bag $bag): array => $bag->designators(), $plan->bags));
        $wanted = array_map(strval(...), array_keys($kit->parts));
        sort($names);
        sort($wanted);

        self::assertSame($wanted, $names);
        self::assertSame(
            count($wanted),
            array_sum(
                array_map(
                    static fn(Bag $bag): int => array_sum(
                        array_map(static fn(BagItem $item): int => $item->quantity, $bag->items),
                    ),
                    $plan->bags,
                ),
            ),
        );
        self::assertSame(
            count($plan->bags),
            count(array_unique(array_map(static fn(Bag $bag): string => $bag->name, $plan->bags))),
        );
    }

    #[DataProvider('kits')]
    public function test_look_alikes_share_a_bag_only_where_the_plan_says_so_or_on_the_strip(
        int $seed,
        Sorting $school,
    ): void {
        $kit = self::kit($seed);
        $plan = (new BagPlanner())->plan($kit, KitMaker::order($kit), $school);
        $bagOf = $plan->bagOf();
        $told = array_map(static fn($conflict): string => $conflict->bag, $plan->conflicts);
        $taped = array_merge(...array_map(static fn(Bag $bag): array => $bag->taped(), $plan->bags));
        $alike = LookAlikes::of($kit);
        foreach (array_keys($bagOf) as $name) {
            foreach ($alike->to((string) $name) as $that) {
                $areTaped = in_array((string) $name, $taped, true) && in_array($that, $taped, true);
                if ($bagOf[$name] === ($bagOf[$that] ?? null) && !$areTaped) {
                    self::assertContains($bagOf[$name], $told, "{$name} and {$that} lie in bag {$bagOf[$name]}");
                }
            }
        }
        self::assertNotEmpty($bagOf);
    }

    private static function kit(int $seed): Kit
    {
        [$bom, $places] = RandomKit::rows($seed, 20);

        return KitMaker::kit($bom, $places);
    }
}
