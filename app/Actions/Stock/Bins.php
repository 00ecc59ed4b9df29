<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Models\Lot;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Chiralex\Supply\BinTake;
use Chiralex\Supply\LotEntry;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** The bins that parts are packed from: which lots lie in each, what a kit takes, and how it is given back. */
final readonly class Bins
{
    public function __construct(private LotBook $book, private StockParts $parts) {}

    /**
     * Takes what a pack or goods need of a part and points them at its lots.
     *
     * @param array{run: int, line: int, pack: int}|array{goods: int} $cell
     * @throws ImpossibleLot when a lot in the bin is on hold, or somebody doubts it
     */
    public function take(int $part, BigDecimal $quantity, array $cell, string $operationId, ?int $userId): void
    {
        $this->book->lock($part);
        $lots = $this->book->lots($part);
        $inside = $this->inside($part);
        foreach ($lots as $lot) {
            if ($lot->isHeld && in_array($lot->lot, $inside, true)) {
                throw $this->isHeld($part, $lot->lot);
            }
            if ($lot->isDoubted && ($inside === [] || in_array($lot->lot, $inside, true))) {
                throw ImpossibleLot::lookFirst(Lot::query()->findOrFail($lot->lot)->name, $this->parts->title($part));
            }
        }
        [$bin, $others] = [[], []];
        foreach ($lots as $lot) {
            if (in_array($lot->lot, $inside, true)) {
                $bin[] = $lot;
            } else {
                $others[] = $lot;
            }
        }
        $take = BinTake::of($bin, $others, $quantity);
        $taken = $take->taken;
        if ($take->missing !== null) {
            // Nothing was ever received: the book begins below nought, and Stock asks for a count.
            $taken = [['lot' => $this->unnamed($part, $operationId, $userId), 'quantity' => $take->missing]];
        }
        $present = array_values(array_unique([...$inside, ...array_column($taken, 'lot')]));
        foreach ($taken as $each) {
            $this->putIn($part, $each['lot'], $operationId);
            $this->book->enter(
                $each['lot'],
                LotEntry::Packed,
                $each['quantity']->negated(),
                self::operation($operationId, 'packed'),
                $userId,
                '',
                $cell,
                array_values(array_diff($present, [$each['lot']])),
            );
        }
        $this->dropEmptied($part);
    }

    /**
     * Gives back what a cell took.
     *
     * @param array{run: int, line: int, pack: int} $cell
     */
    public function giveBack(array $cell, string $operationId, ?int $userId): void
    {
        $taken = Row::all(
            DB::table('lot_moves')
                ->where('run_id', $cell['run'])
                ->where('line', $cell['line'])
                ->where('pack', $cell['pack'])
                ->groupBy('lot_id', 'beside')
                ->havingRaw('sum(quantity) < 0')
                ->orderBy('lot_id')
                ->selectRaw("lot_id, array_to_string(beside, ',') as beside, sum(quantity) as quantity"),
        );
        foreach ($taken as $row) {
            $lot = $row->int('lot_id');
            $part = Lot::query()->findOrFail($lot)->stock_part_id;
            $this->book->lock($part);
            $this->book->enter(
                $lot,
                LotEntry::Unpacked,
                BigDecimal::of($row->text('quantity'))->negated(),
                self::operation($operationId, 'unpacked'),
                $userId,
                '',
                $cell,
                $row->text('beside') === '' ? [] : array_map(intval(...), explode(',', $row->text('beside'))),
            );
            $this->putIn($part, $lot, $operationId);
        }
    }

    /**
     * Gives back what goods were made of, the pieces taken last first.
     *
     * @param int $move row of the book of goods that takes them apart
     */
    public function giveBackOf(
        int $article,
        int $part,
        BigDecimal $quantity,
        int $move,
        string $operationId,
        ?int $userId,
    ): void {
        $this->book->lock($part);
        $taken = Row::all(
            DB::table('lot_moves')
                ->join('lots', 'lots.id', '=', 'lot_moves.lot_id')
                ->join('article_moves', 'article_moves.id', '=', 'article_move_id')
                ->where('article_id', $article)
                ->where('stock_part_id', $part)
                ->groupBy('lot_moves.lot_id')
                ->havingRaw('sum(lot_moves.quantity) < 0')
                ->orderByRaw('max(lot_moves.id) desc')
                ->selectRaw('lot_moves.lot_id, -sum(lot_moves.quantity) as quantity'),
        );
        foreach ($taken as $row) {
            $back = BigDecimal::min($quantity, $row->text('quantity'));
            if ($back->isPositive()) {
                $this->book->enter(
                    $row->int('lot_id'),
                    LotEntry::Unpacked,
                    $back,
                    self::operation($operationId, 'unpacked'),
                    $userId,
                    '',
                    ['goods' => $move],
                );
                $this->putIn($part, $row->int('lot_id'), $operationId);
                $quantity = $quantity->minus($back);
            }
        }
    }

    /**
     * The next pieces come from this lot; a name that is new makes the lot, to be counted later.
     *
     * @throws ImpossibleLot when the name is that of another part's lot, or the lot is on hold
     */
    public function fill(int $part, string $name, string $operationId, ?int $userId): void
    {
        $this->book->lock($part);
        $known = Lot::query()
            ->whereRaw('lower(name) = ?', [mb_strtolower($name)])
            ->orderByRaw('stock_part_id = ? desc', [$part])
            ->first();
        if ($known !== null && $known->stock_part_id !== $part) {
            throw ImpossibleLot::ofAnotherPart(
                $known->name,
                $this->parts->title($known->stock_part_id),
                $this->parts->title($part),
            );
        }
        $known ??= $this->make($part, $name, $operationId, $userId);
        if (DB::table('lot_states')->where('lot_id', $known->id)->value('held') === true) {
            throw $this->isHeld($part, $known->id);
        }
        // A lot on hold was taken out of the bin before another went in.
        DB::table('bin_lots')
            ->where('stock_part_id', $part)
            ->whereNull('emptied_at')
            ->whereIn('lot_id', DB::table('lot_states')->where('held', true)->select('lot_id'))
            ->update(['emptied_at' => now()]);
        $this->putIn($part, $known->id, $operationId);
    }

    /** Takes back a lot that was named: it goes out of the bin, unless pieces of it were packed meanwhile. */
    public function unfill(int $part, string $name): void
    {
        $this->book->lock($part);
        $lot = Lot::query()
            ->where('stock_part_id', $part)
            ->whereRaw('lower(name) = ?', [mb_strtolower($name)])
            ->first();
        if ($lot !== null && !DB::table('lot_moves')->where('lot_id', $lot->id)->where('entry', 'packed')->exists()) {
            DB::table('bin_lots')
                ->where('lot_id', $lot->id)
                ->whereNull('emptied_at')
                ->update(['emptied_at' => now()]);
        }
    }

    /** @return list<int> lots that lie in the bin */
    private function inside(int $part): array
    {
        /** @var list<int> */
        return DB::table('bin_lots')
            ->where('stock_part_id', $part)
            ->whereNull('emptied_at')
            ->orderBy('id')
            ->pluck('lot_id')
            ->all();
    }

    private function putIn(int $part, int $lot, string $operationId): void
    {
        if (!in_array($lot, $this->inside($part), true)) {
            DB::table('bin_lots')->insert([
                'stock_part_id' => $part,
                'lot_id' => $lot,
                'operation_id' => $operationId,
                'created_at' => now(),
            ]);
        }
    }

    /** Lots that lie in one bin are mixed: they go out of it together, when the book has used up the last of them. */
    private function dropEmptied(int $part): void
    {
        $left = DB::table('lot_states')->whereIn('lot_id', $this->inside($part))->sum('on_hand');
        if ((float) $left <= 0.0) {
            DB::table('bin_lots')
                ->where('stock_part_id', $part)
                ->whereNull('emptied_at')
                ->update(['emptied_at' => now()]);
        }
    }

    private function unnamed(int $part, string $operationId, ?int $userId): int
    {
        $known = Lot::query()->where('stock_part_id', $part)->where('name', '')->first();

        return ($known ?? $this->make($part, '', $operationId, $userId))->id;
    }

    private function make(int $part, string $name, string $operationId, ?int $userId): Lot
    {
        return Lot::query()->create([
            'operation_id' => self::operation($operationId, "lot {$part}"),
            'stock_part_id' => $part,
            'name' => mb_substr($name, 0, 40),
            'user_id' => $userId,
        ]);
    }

    private function isHeld(int $part, int $lot): ImpossibleLot
    {
        $note = DB::table('lot_states')->where('lot_id', $lot)->value('note');

        return ImpossibleLot::held(
            Lot::query()->findOrFail($lot)->name,
            $this->parts->title($part),
            is_string($note) ? $note : '',
        );
    }

    private static function operation(string $operationId, string $what): string
    {
        return Uuid::uuid5($operationId, $what)->toString();
    }
}
