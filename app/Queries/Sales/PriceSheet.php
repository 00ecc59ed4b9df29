<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Actions\Kit\Documents;
use App\Actions\Sales\PriceFacts;
use App\Models\Kit;
use App\Models\Revision;
use App\Models\Shop;
use App\Queries\Buying\KitNeeds;
use App\Queries\Report\FaultBook;
use App\Queries\Report\Savings;
use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Chiralex\Supply\Buying\BestBatch;
use Chiralex\Supply\Cost\Batch;
use Chiralex\Supply\Cost\CostStair;
use Chiralex\Supply\Cost\CostStep;

/** What a kit costs step by step, and its price: for a margin, or the margin of a price. */
final readonly class PriceSheet
{
    private const PACKS = [5, 10, 20];
    /** Causes of reports that are named. */
    private const CAUSES = 4;
    private const CURVE = 500;
    private const WEEKS = 52;

    public function __construct(
        private KitNeeds $needs,
        private PartsCost $parts,
        private PriceFacts $facts,
        private Documents $documents,
        private FaultBook $faults,
        private Savings $savings,
    ) {}

    /**
     * @param array<string, string> $tried facts put otherwise, to see what they would do
     * @param ?string $price a price whose margin is asked; null where the price is asked
     * @return array<string, mixed>
     */
    public function of(int $kitId, array $tried, ?string $price): array
    {
        $revision = $this->needs->revision($kitId);
        $said = $this->facts->of($kitId);
        $facts = array_merge($said['facts'], $tried);
        $kits = max(1, (int) $facts['batch']);
        $cost = $this->parts->of($revision, $kits);
        $record = $this->faults->of($kitId);
        $study = $record->study();
        $stair = CostStair::of(
            new Batch(
                $kits,
                $cost['parts'],
                $cost['spares'],
                $this->bags($revision),
                BigDecimal::of($facts['setUp']),
                BigDecimal::of($facts['setUpMinutes']),
                BigDecimal::of($facts['kitMinutes']),
            ),
            PriceFacts::rates($facts),
            $study->kits,
            $study->reported,
        );
        $asked = $price === null ? $stair->priceFor(BigDecimal::of($facts['margin'])) : BigDecimal::of($price);

        return [
            'kitId' => $kitId,
            'kit' => Kit::query()->findOrFail($kitId)->name,
            'revisionId' => $revision->id,
            'currency' => Shop::ours()->currency,
            'version' => $said['version'],
            'facts' => $facts,
            'said' => $said['said'],
            'steps' => array_map(self::step(...), $stair->steps),
            'cost' => self::money($stair->cost()),
            'low' => self::money($stair->lowest()),
            'high' => self::money($stair->highest()),
            'unpriced' => $cost['unpriced'],
            'fromLots' => $cost['fromLots'],
            'causes' => array_map(
                static fn(array $each): array => [
                    'cause' => $each['name'],
                    'kits' => $each['kits'],
                    'each' => $each['each'],
                ],
                array_slice($this->savings->of($kitId, $record)['causes'], 0, self::CAUSES),
            ),
        ] + self::priced($stair, $asked, $facts);
    }

    /**
     * Parts of one kit by the size of the batch, and the batch that costs least a year by what was ordered.
     *
     * @return array{curve: list<?float>, best: ?array{kits: int, year: string, demand: int, ordered: int, weeks: int}} no best before anybody ordered
     */
    public function curve(int $kitId): array
    {
        $curve = $this->parts->curve($this->needs->revision($kitId), self::CURVE);
        $sold = (new RunsOut([$kitId]))->sold($kitId);
        if ($sold === null || $sold['ordered'] === 0) {
            return ['curve' => $curve, 'best' => null];
        }
        $facts = $this->facts->of($kitId)['facts'];
        $demand = (self::WEEKS * $sold['ordered']) / $sold['weeks'];
        $best = BestBatch::of(
            array_combine(range(1, count($curve)), $curve),
            $demand,
            (float) $facts['setUp'] + ((float) $facts['setUpMinutes'] / 60) * (float) Shop::ours()->wage,
            (float) $facts['holding'],
        );

        return [
            'curve' => $curve,
            'best' =>
                $best === null
                    ? null
                    : [
                        'kits' => $best->kits,
                        'year' => sprintf('%.2f', $best->year),
                        'demand' => (int) round($demand),
                    ] + $sold,
        ];
    }

    /**
     * @param array<string, string> $facts
     * @return array<string, mixed>
     */
    private static function priced(CostStair $stair, ?BigDecimal $price, array $facts): array
    {
        if ($price === null || $price->isZero()) {
            return ['price' => null, 'margin' => null, 'left' => null, 'fees' => null, 'gross' => null, 'packs' => []];
        }

        return [
            'price' => (string) $price->toScale(2, RoundingMode::HALF_UP),
            'margin' => self::share($stair->marginAt($price)),
            'left' => self::money($stair->left($price)),
            'fees' => self::money($stair->feesOf($price)),
            'gross' => (string) $price
                ->multipliedBy(BigDecimal::one()->plus($facts['tax']))
                ->toScale(2, RoundingMode::HALF_UP),
            'packs' => array_map(static function (int $size) use ($stair, $price, $facts): array {
                $pack = $stair->pack($size, $price, BigDecimal::of($facts["pack{$size}"]));

                return [
                    'kits' => $size,
                    'discount' => $facts["pack{$size}"],
                    'price' => (string) $pack['price'],
                    'margin' => self::share($pack['margin']),
                ];
            }, self::PACKS),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(CostStep $step): array
    {
        return [
            'kind' => $step->kind->value,
            'amount' => self::money($step->amount),
            'low' => self::money($step->low),
            'high' => self::money($step->high),
            'figures' => (object) $step->figures,
        ];
    }

    private function bags(Revision $revision): BigDecimal
    {
        $cost = $this->documents->get($revision, 'bags')['cost'] ?? '0';

        return BigDecimal::of(is_string($cost) ? $cost : '0');
    }

    private static function money(BigRational $amount): string
    {
        return (string) $amount->toScale(2, RoundingMode::HALF_UP);
    }

    private static function share(BigRational $share): float
    {
        return $share->toScale(4, RoundingMode::HALF_UP)->toFloat();
    }
}
