<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Support\Row;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** The parcel that a report led to. */
final readonly class ReportParcel
{
    /** By which its order is known in Sales. */
    public static function number(int $report): string
    {
        return "REPORT-{$report}";
    }

    /** @return ?array{number: string, what: string, shipped: bool} null where nothing is sent for it */
    public static function of(int $report): ?array
    {
        $row = Row::first(
            DB::table('orders')
                ->join('order_lines', 'order_lines.order_id', '=', 'orders.id')
                ->join('articles', 'articles.id', '=', 'article_id')
                ->leftJoin('article_orders', static function (JoinClause $join): void {
                    $join
                        ->on('article_orders.order_id', '=', 'orders.id')
                        ->on('article_orders.article_id', '=', 'articles.id');
                })
                ->where('number', self::number($report))
                ->where('source', 'report')
                // What was cancelled is sent to nobody.
                ->groupBy('number', 'articles.name', 'shipped')
                ->havingRaw('sum(quantity) > 0')
                ->selectRaw('number, sum(quantity)::int as quantity, articles.name, shipped'),
        );

        return $row === null
            ? null
            : [
                'number' => $row->text('number'),
                'what' => "{$row->int('quantity')} × {$row->text('name')}",
                'shipped' => ($row->intOrNull('shipped') ?? 0) > 0,
            ];
    }
}
