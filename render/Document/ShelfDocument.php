<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Board\Side;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Kit;
use Chiralex\Kit\PartCount;
use Chiralex\Manual\BuildTime;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Review\NotBegun;
use ChiralexRender\Svg\BoardSvg;
use ChiralexRender\Text\TimeText;
use ChiralexRender\Told;
use ChiralexRender\Words;

/** A kit's row on the Shelf. */
final readonly class ShelfDocument
{
    public function __construct(private Words $words) {}

    /**
     * @param list<Matter> $matters
     * @return array{parts: int, lines: int, steps: ?int, minutes: ?float, time: string, matters: array{block: int, warn: int, note: int}, begins: ?string, next: ?array<string, mixed>, picture: string}
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

        $counted = PartCount::of($kit);
        $begins = NotBegun::stations($kit)[0] ?? null;

        $time = $order instanceof BuildCycle ? null : BuildTime::of($kit, $order);

        return [
            'parts' => $counted->parts,
            'lines' => $counted->lines,
            'steps' => $order instanceof BuildCycle ? null : count($order->steps),
            'minutes' => $order instanceof BuildCycle ? null : round($time?->total() ?? 0.0, 1),
            'time' => $time === null ? '' : TimeText::short($time->low(), $time->high()),
            'matters' => $count,
            'begins' => $begins?->value,
            'next' => $next === null ? null : (new Told($this->words))->matter($next),
            'picture' => (new BoardSvg($kit))->board($kit->boards[0], Side::Top, true),
        ];
    }
}
