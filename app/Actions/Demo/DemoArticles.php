<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Sales\MakeGoods;
use App\Actions\Sales\OrderCsv;
use App\Actions\Sales\WriteArticle;
use App\Actions\Stock\Receipt;
use App\Actions\Stock\ReceiveLots;
use App\Actions\Stock\StockParts;
use App\Models\Kit;
use App\Queries\Sales\ArticleSets;
use Brick\Math\BigDecimal;
use Chiralex\Trade\ArticleForm;
use Chiralex\Trade\GoodsEntry;
use Illuminate\Support\Carbon;
use Ramsey\Uuid\Uuid;

/** What the demo sells beside its kits: the board of one alone, and a spare part. */
final readonly class DemoArticles
{
    private const PRICES = ['board' => '6.50', 'spare' => '0.60'];
    private const MADE = ['board' => 4, 'spare' => 9];

    public function __construct(
        private ArticleSets $sets,
        private WriteArticle $write,
        private MakeGoods $make,
        private StockParts $parts,
        private ReceiveLots $receive,
    ) {}

    public function load(Kit $kit, ?int $userId): void
    {
        $forms = [];
        foreach ($this->sets->of($kit)['sets'] as $set) {
            if (!isset(self::PRICES[$set['form']]) || isset($forms[$set['form']])) {
                continue;
            }
            $forms[$set['form']] = true;
            $article = $this->write->make(
                ArticleForm::from($set['form']),
                $set['name'],
                $kit->id,
                OrderCsv::minor(self::PRICES[$set['form']]),
                'EUR',
                array_map(
                    static fn(array $part): array => ['quantity' => (string) $part['quantity']] + $part,
                    $set['parts'],
                ),
                Uuid::uuid4()->toString(),
                $userId,
            );
            if ($set['form'] === 'board') {
                $this->boards($set['parts'][0], $userId);
            }
            ($this->make)($article, GoodsEntry::Made, self::MADE[$set['form']], Uuid::uuid4()->toString(), $userId);
        }
    }

    /** @param array{fingerprint: string, title: string, quantity: float, unit: string} $board */
    private function boards(array $board, ?int $userId): void
    {
        $this->parts->ensure($board['fingerprint'], $board['title']);
        ($this->receive)(
            [
                new Receipt(
                    $board['fingerprint'],
                    '26-400',
                    BigDecimal::of(60),
                    BigDecimal::of('0.85'),
                    Carbon::now()->subDays(30)->toDateString(),
                    'Fenland Parts',
                ),
            ],
            Uuid::uuid4()->toString(),
            $userId,
        );
    }
}
