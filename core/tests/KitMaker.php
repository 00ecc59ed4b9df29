<?php

declare(strict_types=1);

namespace Chiralex\Tests;

use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use PHPUnit\Framework\Assert;

/** Makes small kits for tests; all data here is invented. */
final readonly class KitMaker
{
    /**
     * @param list<string> $bom rows `R1,10k,Axial 1/4W,resistor`
     * @param list<string> $placements rows `R1,10,10,0,top`
     * @param array<string, mixed> $json
     * @param ?string $table a whole placement file, where the kit has several boards
     */
    public static function kit(array $bom, array $placements = [], array $json = [], ?string $table = null): Kit
    {
        return (new KitReader())->read(
            ($table === null ? [] : ['placements.csv' => $table]) + self::files($bom, $placements, $json),
        );
    }

    /**
     * @param list<string> $bom
     * @param list<string> $placements
     * @param array<string, mixed> $json
     * @return array<string, string>
     */
    public static function files(array $bom, array $placements = [], array $json = []): array
    {
        $files = [
            'bom.csv' => "Reference,Value,Package,Description\n" . implode("\n", $bom) . "\n",
            'kit.json' => json_encode(
                $json +
                    (isset($json['boards']) ? [] : ['board' => ['outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]]]),
                JSON_THROW_ON_ERROR,
            ),
        ];

        return $placements === []
            ? $files
            : $files + ['placements.csv' => "Ref,X,Y,Rotation,Side\n" . implode("\n", $placements) . "\n"];
    }

    public static function order(Kit $kit): BuildOrder
    {
        $order = (new Planner())->plan($kit);
        Assert::assertInstanceOf(BuildOrder::class, $order);

        return $order;
    }

    public static function cycle(Kit $kit): BuildCycle
    {
        $order = (new Planner())->plan($kit);
        Assert::assertInstanceOf(BuildCycle::class, $order);

        return $order;
    }

    /** @return list<string> steps in words: `solder R1 R2`, `gate supply` */
    public static function words(BuildOrder $order): array
    {
        return array_map(
            static fn($step): string => trim(
                "{$step->action->value} " . ($step->names() === [] ? $step->what : implode(' ', $step->names())),
            ),
            $order->steps,
        );
    }
}
