<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Packing\PackFromStock;
use App\Actions\Stock\Receipt;
use App\Actions\Stock\ReceiveLots;
use App\Actions\Stock\StockParts;
use App\Models\Run;
use Brick\Math\BigDecimal;
use Chiralex\Trade\PackAction;
use Chiralex\Trade\PackEvent;
use Illuminate\Support\Carbon;
use Ramsey\Uuid\Uuid;

/** Lots that a demo batch was packed from, so that a bad one can be traced to its kits. */
final readonly class DemoLots
{
    private const COST = '0.6200';
    private const SUPPLIER = 'Fenland Parts';

    public function __construct(
        private StockParts $parts,
        private ReceiveLots $receive,
        private PackFromStock $stock,
    ) {}

    /** @param array<array-key, array{lot: string, left: int}> $lots designator to its lot, and the pieces that are left of it */
    public function pack(Run $run, array $lots, ?int $userId): void
    {
        /** @var list<array{part: string, item: array{designators: list<string>, quantity: int, value: string, kindName: string}}> $lines */
        $lines = $run->lines;
        foreach ($lines as $at => $line) {
            foreach (array_intersect_key($lots, array_flip($line['item']['designators'])) as $own) {
                $this->parts->ensure($line['part'], "{$line['item']['value']}, {$line['item']['kindName']}");
                ($this->receive)(
                    [
                        new Receipt(
                            $line['part'],
                            $own['lot'],
                            BigDecimal::of($line['item']['quantity'] * $run->packs + $own['left']),
                            BigDecimal::of(self::COST),
                            Carbon::now()->subDays(6)->toDateString(),
                            self::SUPPLIER,
                        ),
                    ],
                    Uuid::uuid4()->toString(),
                    $userId,
                );
                $this->play($run, new PackEvent(PackAction::Lot, $at, 0, $own['lot']), $userId);
                for ($pack = 0; $pack < $run->packs; ++$pack) {
                    $this->play($run, new PackEvent(PackAction::In, $at, $pack), $userId);
                }
            }
        }
    }

    private function play(Run $run, PackEvent $event, ?int $userId): void
    {
        ($this->stock)($run, $event, null, Uuid::uuid4()->toString(), $userId);
    }
}
