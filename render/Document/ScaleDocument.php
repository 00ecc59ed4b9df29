<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bagging\BagItem;
use Chiralex\Bagging\Weighing\BagProof;
use Chiralex\Bagging\Weighing\CountByWeight;
use Chiralex\Bagging\Weighing\LineProof;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Weighing;
use Chiralex\Reason\Problem;
use Chiralex\Reason\Reason;
use ChiralexRender\Told;
use ChiralexRender\Words;

/**
 * The document of `scale`: grams to 0.0001, chances to 0.000001.
 *
 * @phpstan-type Partner array{with: non-empty-list<string>, probability: float}
 * @phpstan-type LineShape array{designators: non-empty-list<string>, pieces: int, missing: float, extra: float, missingAndExtra: ?Partner, swapped: ?Partner, proved: bool, handful: int}
 * @phpstan-type BagScale array{name: string, expected: ?float, sd: ?float, df: ?float, low: ?float, high: ?float, unweighed: list<non-empty-list<string>>, proof: list<LineShape>, byEye: list<non-empty-list<string>>, advice: list<string>, whole: ?array{bags: int, mean: float, sd: float, low: float, high: float}}
 */
final readonly class ScaleDocument
{
    /** Kits of the largest handful that is told. */
    private const MOST_KITS = 50;

    public function __construct(private Words $words, private Scale $scale = new Scale()) {}

    /**
     * @param list<BagProof> $proofs
     * @return array{bags: list<BagScale>, weighings: list<array{part: string, pieces: int, grams: float}>, problems: list<array<string, mixed>>}
     */
    public function of(array $proofs, Kit $kit): array
    {
        return [
            'bags' => array_map($this->bag(...), $proofs),
            'weighings' => array_map(
                static fn(Weighing $each): array => [
                    'part' => $each->part,
                    'pieces' => $each->pieces,
                    'grams' => $each->grams,
                ],
                $kit->logs->weighings,
            ),
            'problems' => array_map(
                fn(Problem $problem): array => (new Told($this->words))->problem($problem),
                array_values(
                    array_filter(
                        $kit->findings->problems,
                        static fn(Problem $problem): bool => $problem->file === 'masses.csv',
                    ),
                ),
            ),
        ];
    }

    /** @return BagScale */
    private function bag(BagProof $proof): array
    {
        $grams = static fn(?float $value): ?float => $value === null ? null : round($value, 4);
        $freedom = $proof->contents?->freedom();

        return [
            'name' => $proof->bag->name,
            'expected' => $grams($proof->contents?->mean),
            'sd' => $grams($proof->contents?->deviation()),
            // Without limit nothing but the scale varies; JSON has no word for it.
            'df' => $freedom === null || $freedom === INF ? null : round($freedom, 3),
            'low' => $proof->window?->low,
            'high' => $proof->window?->high,
            'unweighed' => self::names($proof->unweighed),
            'proof' => array_map($this->line(...), $proof->lines),
            'byEye' => self::names($proof->byEye()),
            'advice' => array_map(fn(Reason $reason): string => $this->words->of($reason), $proof->advice),
            'whole' =>
                $proof->whole === null
                    ? null
                    : [
                        'bags' => $proof->whole->bags,
                        'mean' => round($proof->whole->mean, 4),
                        'sd' => round($proof->whole->deviation, 4),
                        'low' => round($proof->whole->low, 4),
                        'high' => round($proof->whole->high, 4),
                    ],
        ];
    }

    /** @return LineShape */
    private function line(LineProof $line): array
    {
        return [
            'designators' => $line->item->designators,
            'pieces' => $line->item->quantity,
            'missing' => self::chance($line->missing),
            'extra' => self::chance($line->extra),
            'missingAndExtra' => self::partner($line->hidden),
            'swapped' => self::partner($line->swapped),
            'proved' => $line->isProved,
            'handful' => (new CountByWeight($line->mass, $this->scale))->handful(
                $line->item->quantity,
                self::MOST_KITS,
            ),
        ];
    }

    /**
     * @param ?array{with: BagItem, probability: float} $partner
     * @return ?Partner
     */
    private static function partner(?array $partner): ?array
    {
        return $partner === null
            ? null
            : ['with' => $partner['with']->designators, 'probability' => self::chance($partner['probability'])];
    }

    private static function chance(float $chance): float
    {
        return round(min(1.0, max(0.0, $chance)), 6);
    }

    /**
     * @param list<BagItem> $items
     * @return list<non-empty-list<string>>
     */
    private static function names(array $items): array
    {
        return array_map(static fn(BagItem $item): array => $item->designators, $items);
    }
}
