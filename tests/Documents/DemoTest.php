<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Part\Kind;
use ChiralexAdapters\KitFiles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The demo kits are boards that could be built: no two bodies in one place, every pin on its board. */
final class DemoTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function kits(): iterable
    {
        foreach (glob(dirname(__DIR__, 2) . '/database/demo/*', GLOB_ONLYDIR) ?: [] as $folder) {
            yield basename($folder) => [$folder];
        }
    }

    #[DataProvider('kits')]
    public function test_no_two_bodies_of_a_side_overlap_and_all_stand_on_the_board(string $folder): void
    {
        $kit = self::kit($folder);
        $bodies = array_values(
            array_filter(
                $kit->bodies(),
                static fn(PlacedBody $body): bool => $kit->part($body->designator)?->place->socket === null,
            ),
        );
        self::assertNotSame([], $bodies);
        foreach ($bodies as $index => $a) {
            foreach ($a->pins as $pin) {
                self::assertTrue(
                    $kit->board($a->face->board)?->outline->contains($pin),
                    "a pin of {$a->designator} is off the board",
                );
            }
            foreach (array_slice($bodies, $index + 1) as $b) {
                self::assertFalse(
                    $a->face->side === $b->face->side &&
                        $a->face->board === $b->face->board &&
                        self::overlap(self::box($a), self::box($b)),
                    "{$a->designator} and {$b->designator} overlap",
                );
            }
        }
    }

    #[DataProvider('kits')]
    public function test_it_has_an_order_without_broken_rules(string $folder): void
    {
        $order = (new Planner())->plan(self::kit($folder));

        self::assertInstanceOf(BuildOrder::class, $order);
        self::assertSame([0, 0, 0], [$order->score->violations, $order->score->inversions, $order->score->lookAlikes]);
    }

    public function test_frost_bell_holds_what_the_demo_is_to_show(): void
    {
        $kit = self::kit(dirname(__DIR__, 2) . '/database/demo/frost-bell');
        $kinds = array_count_values(array_map(static fn($part): string => $part->kind()->value, $kit->parts));

        self::assertGreaterThanOrEqual(45, count($kit->bodies()));
        foreach (
            [
                Kind::Battery,
                Kind::Thermistor,
                Kind::Ic,
                Kind::IcSocket,
                Kind::Led,
                Kind::Zener,
                Kind::Diode,
                Kind::Buzzer,
                Kind::Trimmer,
            ] as $kind
        ) {
            self::assertArrayHasKey($kind->value, $kinds);
        }
    }

    private static function kit(string $folder): Kit
    {
        return (new KitReader())->read((new KitFiles())->fromPath($folder));
    }

    /** @return array{float, float, float, float} */
    private static function box(PlacedBody $body): array
    {
        $points = [...$body->footprint()->corners, ...array_values($body->pins)];
        $x = array_map(static fn(Point $point): float => $point->x, $points);
        $y = array_map(static fn(Point $point): float => $point->y, $points);

        return [min($x), min($y), max($x), max($y)];
    }

    /**
     * @param array{float, float, float, float} $a
     * @param array{float, float, float, float} $b
     */
    private static function overlap(array $a, array $b): bool
    {
        return $a[0] < $b[2] - 0.01 && $b[0] < $a[2] - 0.01 && $a[1] < $b[3] - 0.01 && $b[1] < $a[3] - 0.01;
    }
}
