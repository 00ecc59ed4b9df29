<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Board\Side;
use Chiralex\Bom\Designators;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use ChiralexRender\Svg\BoardSvg;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** A kit's row on the Shelf. */
final readonly class ShelfDocument
{
    public function __construct(private Words $words) {}

    /**
     * @param list<Matter> $matters
     * @return array{parts: int, lines: int, steps: ?int, minutes: ?float, matters: array{block: int, warn: int, note: int}, next: ?array<string, mixed>, picture: string}
     */
    public function of(Kit $kit, BuildOrder|BuildCycle $order, array $matters): array
    {
        $count = ['block' => 0, 'warn' => 0, 'note' => 0];
        $next = null;
        foreach ($matters as $matter) {
            ++$count[$matter->severity->value];
            if (
                $matter->severity !== MatterSeverity::Note &&
                ($next === null || $matter->severity->rank() < $next->severity->rank())
            ) {
                $next = $matter;
            }
        }

        return [
            'parts' => array_sum(
                array_map(
                    static fn($part): int => $part->supply->isBuilt() && Designators::isNamed($part->designator)
                        ? 1
                        : 0,
                    $kit->parts,
                ),
            ),
            'lines' => count($kit->findings->list->lines),
            'steps' => $order instanceof BuildCycle ? null : count($order->steps),
            'minutes' =>
                $order instanceof BuildCycle
                    ? null
                    : array_sum(array_map(static fn($step): float => $step->work->minutes, $order->steps)),
            'matters' => $count,
            'next' => $next === null ? null : (new Told($this->words))->matter($next),
            'picture' => (new BoardSvg($kit))->board($kit->boards[0], Side::Top, true),
        ];
    }
}
