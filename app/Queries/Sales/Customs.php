<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Models\Article;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Release;
use App\Models\Shop;
use App\Queries\Kit\KitFolder;
use Chiralex\Bagging\BagMass;
use Chiralex\Bagging\BagPlanner;
use Chiralex\ChiralexException;
use Illuminate\Database\Eloquent\Collection;

/** What customs ask of a parcel: of each line its value, and what a kit weighs from the masses of its parts and bags. */
final readonly class Customs
{
    public function __construct(private KitFolder $folder) {}

    /**
     * @return array{lines: list<array{article: string, quantity: int, grams: ?float, typical: bool, value: string}>, total: string, currency: string}
     * @throws ChiralexException when the files of a kit cannot be read
     */
    public function of(int $orderId): array
    {
        $order = Order::query()->with('lines.article.kit')->find($orderId) ?? abort(404, 'There is no such order.');
        $lines = [];
        $total = 0;
        foreach ($order->lines->sortBy('id')->groupBy('article_id') as $same) {
            /** @var Collection<int, OrderLine> $same */
            $quantity = $same->reduce(static fn(int $sum, OrderLine $line): int => $sum + $line->quantity, 0);
            $minor = $same->reduce(
                static fn(int $sum, OrderLine $line): int => $sum + $line->quantity * $line->unit_price,
                0,
            );
            if ($quantity < 1) {
                continue;
            }
            $article = $same->firstOrFail()->article;
            $mass = $this->mass($article);
            $total += $minor;
            $lines[] = [
                'article' => $article->title(),
                'quantity' => $quantity,
                'grams' => $mass === null ? null : $mass[0] * $quantity,
                'typical' => $mass !== null && $mass[1],
                'value' => number_format($minor / 100, 2, '.', ''),
            ];
        }

        return [
            'lines' => $lines,
            'total' => number_format($total / 100, 2, '.', ''),
            'currency' => $order->lines->first()->currency ?? Shop::ours()->currency,
        ];
    }

    /**
     * @return ?array{float, bool} grams of one, and whether some are the kind's typical ones; null for goods, which are weighed
     * @throws ChiralexException
     */
    private function mass(Article $article): ?array
    {
        $release = $article->form->isGoods()
            ? null
            : Release::query()
                ->with('revision')
                ->whereHas('revision', static fn($revision) => $revision->where('kit_id', $article->kit_id))
                ->orderByDesc('id')
                ->first();
        if ($release === null) {
            return null;
        }
        $kit = $this->folder->kit($release->revision, $article->options);
        $grams = 0.0;
        $typical = false;
        foreach ((new BagPlanner(Shop::bagCosts()))->plan($kit, null)->bags as $bag) {
            $mass = BagMass::of($bag);
            $grams += $mass->grams;
            $typical = $typical || $mass->typical;
        }

        return [$grams * $article->pack_size, $typical];
    }
}
