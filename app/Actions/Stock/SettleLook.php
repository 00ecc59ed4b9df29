<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Models\Lot;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Chiralex\Supply\LotEntry;
use Chiralex\Supply\LotFinding;
use Chiralex\Supply\LotVerdict;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Settles a lot that is doubted by the mark of one piece: right, it is packed again; wrong, it is put on hold. */
final readonly class SettleLook
{
    public function __construct(private LotBook $book) {}

    public function __invoke(int $lotId, LotFinding $finding, ?int $userId): void
    {
        DB::transaction(function () use ($lotId, $finding, $userId): void {
            $this->book->lock(Lot::query()->findOrFail($lotId)->stock_part_id);
            $isDoubted = Row::first(DB::table('lot_states')->where('lot_id', $lotId)->select('look'))?->flag('look');
            $entry = match ($finding->verdict) {
                LotVerdict::Accepted => LotEntry::Looked,
                LotVerdict::Another, LotVerdict::Stranger, LotVerdict::Wider => LotEntry::Held,
                default => null,
            };
            if ($isDoubted === true && $entry !== null) {
                $note = $finding->parts === [] ? implode(' or ', $finding->readings) : implode(', ', $finding->parts);
                $this->book->enter(
                    $lotId,
                    $entry,
                    BigDecimal::zero(),
                    (string) Str::uuid(),
                    $userId,
                    $entry === LotEntry::Held && $note !== '' ? "one piece reads as {$note}" : '',
                );
            }
        });
    }
}
