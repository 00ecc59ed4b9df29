<?php

declare(strict_types=1);

namespace App\Models;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Carbon\CarbonInterface;
use Chiralex\Bagging\BagCosts;
use Chiralex\Bagging\Packing\ScalePattern;
use Chiralex\Bagging\Weighing\Scale;
use Illuminate\Database\Eloquent\Model;

/**
 * Who we are on paper and where customers reach us: one row, as one installation is one shop.
 *
 * @property int $id
 * @property string $name
 * @property string $address in lines
 * @property string $email
 * @property ?string $logo hash of a picture in the file store
 * @property string $currency three letters, ISO 4217
 * @property string $country where its kits are made, for customs; empty until it is set
 * @property string $paper A4 or Letter
 * @property string $language of manuals and labels
 * @property ?string $second_language
 * @property string $wage of an hour, in the currency
 * @property string $bag_cost of one bag with its label
 * @property string $bag_minutes to open, label and close one
 * @property string $strip_minutes to tape one item to a labelled strip
 * @property ?string $public_address where customers reach the builder's page, without a stroke at its end; none until it is set
 * @property string $scale_division smallest step of the bench scale, grams
 * @property string $scale_repeatability standard deviation of a reading, grams
 * @property string $scale_unit of numbers that bear none
 * @property ?string $scale_stable `=` and what stands beside the number while it stands still; null where the scale does not say
 * @property string $check_mass grams
 * @property bool $reads_bins whether the code of a bin is read before its line is packed
 * @property int $version
 * @property CarbonInterface $updated_at
 */
final class Shop extends Model
{
    protected $fillable = [
        'name',
        'address',
        'email',
        'logo',
        'currency',
        'country',
        'paper',
        'language',
        'second_language',
        'wage',
        'bag_cost',
        'bag_minutes',
        'strip_minutes',
        'public_address',
        'scale_division',
        'scale_repeatability',
        'scale_unit',
        'scale_stable',
        'check_mass',
        'reads_bins',
        'version',
    ];

    public static function ours(): self
    {
        return self::query()->findOrFail(1);
    }

    /** What bags and strips cost here: a minute of work is a sixtieth of the wage. */
    public static function bagCosts(): BagCosts
    {
        return BagCosts::of(...self::bagPrices());
    }

    /** @return array{string, string, string, string} a bag, its minutes, the minutes of an item on the strip, a minute's wage */
    public static function bagPrices(): array
    {
        $shop = self::ours();

        return [
            $shop->bag_cost,
            $shop->bag_minutes,
            $shop->strip_minutes,
            (string) BigDecimal::of($shop->wage)->dividedBy(60, 8, RoundingMode::HALF_UP),
        ];
    }

    /** The scale of the bench. */
    public function scale(): Scale
    {
        return new Scale((float) $this->scale_division, (float) $this->scale_repeatability);
    }

    /** How it writes its lines. */
    public function scalePattern(): ScalePattern
    {
        return new ScalePattern(
            $this->scale_unit,
            $this->scale_stable === null ? null : mb_substr($this->scale_stable, 1),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'wage' => 'decimal:2',
            'bag_cost' => 'decimal:4',
            'bag_minutes' => 'decimal:2',
            'strip_minutes' => 'decimal:2',
            'reads_bins' => 'boolean',
            'version' => 'integer',
        ];
    }
}
