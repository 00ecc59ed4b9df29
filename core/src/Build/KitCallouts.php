<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Consequence;
use Chiralex\Polarity\Callout;
use Chiralex\Polarity\Callouts;
use Chiralex\Polarity\Data\BoardMarkTable;
use Chiralex\Polarity\Landmark;
use Chiralex\Polarity\PolarPart;

/** The callouts of a kit in step order, each with landmarks among the parts fitted before its step. */
final readonly class KitCallouts
{
    /** @return list<Callout> */
    public function callouts(Kit $kit, ?BuildOrder $order): array
    {
        $stepOf = $order?->stepOf() ?? [];
        $parts = array_values(array_filter($kit->parts, static fn(KitPart $part): bool => $part->polarised && $part->supply->isBuilt() && !str_starts_with($part->designator, '~')));
        usort($parts, static fn(KitPart $a, KitPart $b): int => [$stepOf[$a->designator] ?? PHP_INT_MAX, $a->designator] <=> [$stepOf[$b->designator] ?? PHP_INT_MAX, $b->designator]);
        $writer = new Callouts();

        return array_map(fn(KitPart $part): Callout => $writer->callout(
            self::polarPart($part, $kit),
            $kit->board($part->placement->board ?? '')->reading ?? $kit->settings->reading,
            $this->fittedBefore($kit, $stepOf, $stepOf[$part->designator] ?? null),
        ), $parts);
    }

    public static function polarPart(KitPart $part, Kit $kit): PolarPart
    {
        $said = $part->polarity;
        $together = $kit->circuit->goesWith($part->designator);
        $mark = $said === null ? $part->row->checkMark : $said->mark;

        return new PolarPart(
            $part->designator,
            $part->kind(),
            $part->body,
            $said === null ? $part->row->fitMark : $mark,
            $mark,
            $said === null || $said->terminal === '' ? ($part->row->terminal ?? '') : $said->terminal,
            $said?->pin,
            $said?->at,
            $part->legend === 'nothing' || ($kit->hasPlacements && $part->body === null) ? null : BoardMarkTable::of($part->kind(), $said?->mark),
            $together === [] ? $part->consequence : $part->consequence->atLeast(Consequence::DestroysOthers),
            $part->replace === [] ? $together : $part->replace,
            $part->placement === null ? null : ($kit->board($part->placement->board)->squarePad[$part->kind()->value] ?? null),
        );
    }

    /**
     * @param array<string, int> $stepOf
     * @return list<Landmark>
     */
    private function fittedBefore(Kit $kit, array $stepOf, ?int $step): array
    {
        $fitted = [];
        foreach ($kit->bodies() as $designator => $body) {
            $part = $kit->part($designator);
            $at = $stepOf[$designator] ?? -1;
            if ($part !== null && ($step === null || $at < $step)) {
                $fitted[] = new Landmark($body, $part->kind()->value . ' ' . $body->outline->name);
            }
        }

        return $fitted;
    }
}
