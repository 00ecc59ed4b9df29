<?php

declare(strict_types=1);

namespace App\Actions\Packing;

use App\Actions\Stock\Bins;
use App\Actions\Stock\ImpossibleLot;
use App\Actions\Stock\StockParts;
use App\Models\Run;
use Brick\Math\BigDecimal;
use Chiralex\Trade\PackAction;
use Chiralex\Trade\PackEvent;

/** Lets each key of a run move the stock: what goes into a bag is taken from its bin, an undo gives it back. */
final readonly class PackFromStock
{
    public function __construct(private Bins $bins, private StockParts $parts) {}

    /**
     * @param ?PackEvent $undone what an undo took back
     * @throws ImpossibleLot when the lot is on hold, or another part's
     */
    public function __invoke(Run $run, PackEvent $event, ?PackEvent $undone, string $operationId, ?int $userId): void
    {
        $isUndo = $event->action === PackAction::Undo;
        $done = $isUndo ? $undone : $event;
        $line = $done === null ? null : $run->lines[$done->line] ?? null;
        if ($done === null || $line === null || ($line['part'] ?? '') === '') {
            return;
        }
        $cell = ['run' => $run->id, 'line' => $done->line, 'pack' => $done->pack];
        $part = $this->part($line);
        match ($done->action) {
            PackAction::In, PackAction::Fill => $isUndo
                ? $this->bins->giveBack($cell, $operationId, $userId)
                : $this->bins->take($part, $this->quantity($line, $run), $cell, $operationId, $userId),
            PackAction::Lot => $isUndo
                ? $this->bins->unfill($part, $done->lot)
                : $this->bins->fill($part, $done->lot, $operationId, $userId),
            PackAction::Short, PackAction::Undo => null,
        };
    }

    /** @param array<string, mixed> $line */
    private function part(array $line): int
    {
        /** @var array{part: string, item: array{value: string, kindName: string, length: ?float}} $line */
        return $this->parts->ensure(
            $line['part'],
            trim("{$line['item']['value']}, {$line['item']['kindName']}", ', '),
            $line['item']['length'] === null ? 'piece' : 'mm',
        );
    }

    /** @param array<string, mixed> $line */
    private function quantity(array $line, Run $run): BigDecimal
    {
        /** @var array{item: array{quantity: int, length: int|float|null}} $line */
        return BigDecimal::of((string) ($line['item']['length'] ?? $line['item']['quantity']))->multipliedBy(
            $run->kitsAtOnce(),
        );
    }
}
