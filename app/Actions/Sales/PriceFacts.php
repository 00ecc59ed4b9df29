<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Shop;
use App\Support\Audit;
use App\Support\Row;
use Chiralex\Supply\Cost\CostRates;
use Illuminate\Support\Facades\DB;

/** What a maker says of a kit's costs and of its price. */
final readonly class PriceFacts
{
    /** Where nobody said otherwise; common practice, no source. */
    public const USUAL = [
        'batch' => '50',
        'setUp' => '0',
        'setUpMinutes' => '60',
        'kitMinutes' => '0',
        'feeShare' => '0.03',
        'feeFixed' => '0.30',
        'shipping' => '0',
        'reportMinutes' => '20',
        'reportCost' => '0',
        'margin' => '0.40',
        'tax' => '0',
        'holding' => '0.20',
        'pack5' => '0.05',
        'pack10' => '0.10',
        'pack20' => '0.15',
    ];
    /** What is the shop's rather than the kit's: a kit that was never priced begins with those of the one priced last. */
    private const SHOPS = [
        'feeShare',
        'feeFixed',
        'shipping',
        'reportMinutes',
        'reportCost',
        'margin',
        'tax',
        'holding',
    ];

    /** @return array{facts: array<string, string>, version: int, said: list<string>} all facts, and the names of those that somebody said */
    public function of(int $kitId): array
    {
        $own = Row::first(DB::table('pricings')->where('kit_id', $kitId));
        $last = $own ?? Row::first(DB::table('pricings')->orderByDesc('updated_at'));
        $said = $last === null ? [] : self::read($last);
        if ($own === null) {
            $said = array_intersect_key($said, array_flip(self::SHOPS));
        }

        return [
            'facts' => array_merge(self::USUAL, array_intersect_key($said, self::USUAL)),
            'version' => $own?->int('version') ?? 0,
            'said' => array_values(array_intersect(array_keys(self::USUAL), array_keys($said))),
        ];
    }

    /** @param array<string, string> $facts all of them */
    public static function rates(array $facts): CostRates
    {
        return CostRates::of(
            Shop::ours()->wage,
            $facts['feeShare'],
            $facts['feeFixed'],
            $facts['shipping'],
            $facts['reportMinutes'],
            $facts['reportCost'],
        );
    }

    /**
     * @param array<string, string> $facts those that are said
     * @throws ArticleConflict when somebody else said otherwise meanwhile
     */
    public function write(int $kitId, array $facts, int $version, ?int $userId): void
    {
        DB::transaction(static function () use ($kitId, $facts, $version, $userId): void {
            $before = Row::first(DB::table('pricings')->where('kit_id', $kitId)->lockForUpdate());
            if (($before?->int('version') ?? 0) !== $version) {
                throw ArticleConflict::priced();
            }
            $known = $before === null ? [] : self::read($before);
            DB::table('pricings')->updateOrInsert(
                ['kit_id' => $kitId],
                [
                    'facts' => json_encode(array_merge($known, $facts), JSON_THROW_ON_ERROR),
                    'version' => $version + 1,
                    'updated_at' => now(),
                ],
            );
            Audit::record($userId, 'kit.price', $known, ['kit' => $kitId] + $facts);
        });
    }

    /** @return array<string, string> */
    private static function read(Row $row): array
    {
        /** @var array<string, string> */
        return json_decode($row->text('facts'), true, 4, JSON_THROW_ON_ERROR);
    }
}
