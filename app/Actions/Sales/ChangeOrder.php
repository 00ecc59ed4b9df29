<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Article;
use App\Models\Order;
use App\Models\OrderLine;
use App\Support\Audit;
use App\Support\Locks;
use App\Support\Row;
use Chiralex\Trade\GoodsEntry;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/**
 * Changes what an order wants, or cancels it: lines that take away what earlier lines gave, never less than what has left the house. What
 * was set aside for more than is wanted then goes back first.
 *
 * @phpstan-import-type Line from NewOrder
 */
final readonly class ChangeOrder
{
    public function __construct(private OrderBook $book, private KnowArticle $article, private MakeGoods $make) {}

    /**
     * @param int $seen changes of the order that the caller has seen
     * @param list<Line> $lines all that it shall want, shipped pieces among them
     * @throws OrderConflict when somebody changed it meanwhile, or more has left than it would want
     */
    public function to(int $orderId, int $seen, array $lines, string $note, string $operationId, ?int $userId): void
    {
        $this->write($orderId, $seen, 'changed', fn(): array => $this->sums($lines), $note, $operationId, $userId);
    }

    /**
     * Pieces that were taken out of their bins for a report lie in them again.
     *
     * @throws OrderConflict when somebody changed it meanwhile, or all of it has left
     */
    public function cancel(int $orderId, int $seen, string $note, string $operationId, ?int $userId): void
    {
        DB::transaction(function () use ($orderId, $seen, $note, $operationId, $userId): void {
            Locks::take('order', [$orderId]);
            $made =
                Order::query()->findOrFail($orderId)->source === 'report'
                    ? $this->book->given($orderId, ['allocated'])
                    : [];
            $left = fn(): array => self::least(self::present($orderId), $this->book->given($orderId, ['shipped']));
            $this->write($orderId, $seen, 'cancelled', $left, $note, $operationId, $userId);
            foreach (array_filter($made, static fn(int $pieces): bool => $pieces > 0) as $article => $pieces) {
                ($this->make)(
                    Article::query()->findOrFail($article),
                    GoodsEntry::Unmade,
                    max(1, $pieces),
                    Uuid::uuid5($operationId, "unmade {$article}")->toString(),
                    $userId,
                    $note,
                );
            }
        });
    }

    /** @param callable(): array<string, int> $wanted by article, price and currency */
    private function write(
        int $orderId,
        int $seen,
        string $kind,
        callable $wanted,
        string $note,
        string $operationId,
        ?int $userId,
    ): void {
        DB::transaction(function () use ($orderId, $seen, $kind, $wanted, $note, $operationId, $userId): void {
            Locks::take('order', [$orderId]);
            if (DB::table('order_changes')->where('operation_id', $operationId)->exists()) {
                return;
            }
            $number = Order::query()->findOrFail($orderId)->number;
            if (DB::table('order_changes')->where('order_id', $orderId)->count() !== $seen) {
                throw OrderConflict::changed($number);
            }
            [$before, $after] = [self::present($orderId), $wanted()];
            $this->refuseLess($number, $orderId, $after);
            $given = $this->book->given($orderId, ['allocated', 'shipped']);
            foreach ($given as $article => $many) {
                if ($many > self::of($after, $article)) {
                    $this->book->free($orderId, $operationId, $userId);
                    break;
                }
            }
            if (self::add($orderId, $kind, $before, $after, $note, $operationId, $userId) === 0) {
                throw OrderConflict::nothing($number);
            }
            Audit::record(
                $userId,
                "order.{$kind}",
                ['order' => $orderId, 'lines' => $before],
                [
                    'order' => $orderId,
                    'lines' => $after,
                    'note' => $note,
                ],
            );
        });
    }

    /**
     * Writes a change with the lines that make of one sum the other.
     *
     * @param array<string, int> $before
     * @param array<string, int> $after
     * @return int lines that were written
     */
    public static function add(
        int $orderId,
        string $kind,
        array $before,
        array $after,
        string $note,
        string $operationId,
        ?int $userId,
    ): int {
        $change = DB::table('order_changes')->insertGetId([
            'operation_id' => $operationId,
            'order_id' => $orderId,
            'kind' => $kind,
            'note' => mb_substr(trim($note), 0, 200),
            'user_id' => $userId,
            'created_at' => now(),
        ]);
        $lines = [];
        foreach ($after + $before as $key => $_) {
            [$article, $price, $currency] = explode(' ', $key);
            $lines[] = [
                'order_id' => $orderId,
                'order_change_id' => $change,
                'article_id' => (int) $article,
                'quantity' => ($after[$key] ?? 0) - ($before[$key] ?? 0),
                'unit_price' => (int) $price,
                'currency' => $currency,
            ];
        }
        // What it wants more comes first, so that its sum never falls below what is left.
        usort($lines, static fn(array $a, array $b): int => $b['quantity'] <=> $a['quantity']);
        $lines = array_values(array_filter($lines, static fn(array $line): bool => $line['quantity'] !== 0));
        OrderLine::query()->insert($lines);

        return count($lines);
    }

    /** @return array<string, int> what it wants now, by article, price and currency */
    public static function present(int $orderId): array
    {
        return self::presentOf([$orderId])[$orderId] ?? [];
    }

    /**
     * @param list<int> $orders
     * @return array<int, array<string, int>> order to what it wants now; none where it wants nothing
     */
    public static function presentOf(array $orders): array
    {
        $sums = [];
        foreach (
            Row::all(
                DB::table('order_lines')
                    ->whereIn('order_id', $orders)
                    ->groupBy('order_id', 'article_id', 'unit_price', 'currency')
                    ->havingRaw('sum(quantity) <> 0')
                    ->orderByRaw('min(id)')
                    ->selectRaw('order_id, article_id, unit_price, currency, sum(quantity)::int as n'),
            ) as $row
        ) {
            $key = "{$row->int('article_id')} {$row->int('unit_price')} {$row->text('currency')}";
            $sums[$row->int('order_id')][$key] = $row->int('n');
        }

        return $sums;
    }

    /**
     * So many of each article, at the prices that stand first.
     *
     * @param array<string, int> $sums
     * @param array<int, int> $many article to how many
     * @return array<string, int>
     */
    public static function least(array $sums, array $many): array
    {
        $kept = [];
        foreach ($sums as $key => $quantity) {
            $article = (int) $key;
            $kept[$key] = min($quantity, $many[$article] ?? 0);
            $many[$article] = ($many[$article] ?? 0) - $kept[$key];
        }

        return array_filter($kept, static fn(int $quantity): bool => $quantity > 0);
    }

    /**
     * @param list<Line> $lines
     * @return array<string, int>
     */
    private function sums(array $lines): array
    {
        $sums = [];
        foreach ($lines as $line) {
            $article = is_int($line['article']) ? $line['article'] : ($this->article)($line['article']);
            $key = "{$article} {$line['unitPrice']} {$line['currency']}";
            $sums[$key] = ($sums[$key] ?? 0) + $line['quantity'];
        }

        return $sums;
    }

    /** @param array<string, int> $after */
    private function refuseLess(string $number, int $orderId, array $after): void
    {
        foreach ($this->book->given($orderId, ['shipped']) as $article => $shipped) {
            if (self::of($after, $article) < $shipped) {
                throw OrderConflict::shipped($number, $article, $shipped);
            }
        }
    }

    /** @param array<string, int> $sums */
    private static function of(array $sums, int $article): int
    {
        $mine = array_filter($sums, static fn(string $key): bool => (int) $key === $article, ARRAY_FILTER_USE_KEY);

        return array_sum($mine);
    }
}
