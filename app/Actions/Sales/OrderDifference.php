<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Article;
use App\Models\Kit;
use App\Models\Order;
use App\Support\Row;
use Chiralex\Trade\Dealing;
use Illuminate\Support\Facades\DB;

/** What a table says of orders that are known already: the same, or something else. */
final class OrderDifference
{
    /** @var array<string, string> kits as they are sold, to their article */
    private array $articles = [];

    /**
     * @param list<NewOrder> $orders
     * @return array<string, list<string>> known number to what is said otherwise, empty where all is the same
     */
    public static function of(array $orders): array
    {
        $numbers = array_map(static fn(NewOrder $order): string => $order->number, $orders);
        $ids = Order::query()->whereIn('number', $numbers)->pluck('id', 'number');
        /** @var list<int> $known */
        $known = $ids->values()->all();
        $present = ChangeOrder::presentOf($known);
        $asked = new self();
        $differences = [];
        foreach ($orders as $order) {
            $id = $ids->get($order->number);
            if (is_int($id)) {
                $differences[$order->number] = self::words($present[$id] ?? [], $asked->sums($order), $id);
            }
        }

        return $differences;
    }

    /**
     * @param array<string, int> $before by article, price and currency
     * @param array<string, int> $after
     * @return list<string>
     */
    private static function words(array $before, array $after, int $orderId): array
    {
        $words = [];
        if ($before === [] && $after !== []) {
            return [
                DB::table('order_changes')->where('order_id', $orderId)->exists() ? 'it was cancelled here' : 'empty',
            ];
        }
        foreach ($before + $after as $key => $_) {
            [$was, $is] = [$before[$key] ?? 0, $after[$key] ?? 0];
            if ($was !== $is) {
                $words[] = self::title($key) . ": {$was} here, {$is} in the table";
            }
        }

        return $words;
    }

    /** @return array<string, int> */
    private function sums(NewOrder $order): array
    {
        $sums = [];
        foreach ($order->lines as $line) {
            $article = is_int($line['article']) ? $line['article'] : $this->article($line['article']);
            $key = "{$article} {$line['unitPrice']} {$line['currency']}";
            $sums[$key] = ($sums[$key] ?? 0) + $line['quantity'];
        }

        return $sums;
    }

    /** The article if it is one already; else the kit, so that nothing is made by looking. */
    private function article(PackedAs $packed): string
    {
        $key = "{$packed->kitId} {$packed->options} {$packed->packSize} {$packed->dealing->value}";

        return $this->articles[$key] ??= self::known($packed);
    }

    private static function known(PackedAs $packed): string
    {
        $row = Row::first(
            DB::table('articles')
                ->whereNull('name')
                ->where('kit_id', $packed->kitId)
                ->where('options', $packed->options)
                ->where('pack_size', $packed->packSize)
                ->where('dealing', Dealing::of($packed->packSize, $packed->dealing)->value)
                ->select('id'),
        );

        return $row === null ? "k{$packed->kitId}" : (string) $row->int('id');
    }

    private static function title(string $key): string
    {
        [$article, $price, $currency] = explode(' ', $key);
        $title = str_starts_with($article, 'k')
            ? Kit::query()->find((int) substr($article, 1))?->name
            : Article::query()->find((int) $article)?->title();

        return ($title ?? '?') . ' at ' . number_format((int) $price / 100, 2, '.', '') . " {$currency}";
    }
}
