<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Actions\Sales\PriceFacts;
use App\Models\Shop;
use App\Queries\Sales\RunsOut;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Chiralex\Fault\FaultStudy;
use Chiralex\Fault\JudgedCause;
use Chiralex\Fault\Saving;
use DateTimeImmutable;

/** What each cause costs a kit, and what mending it would save in the ninety days to come. */
final readonly class Savings
{
    public function __construct(private PriceFacts $facts) {}

    /** @return array{report: string, minutes: string, currency: string, ordered: int, weeks: int, causes: list<array<string, mixed>>} causes that cost most first */
    public function of(int $kitId, FaultRecord $record): array
    {
        $facts = $this->facts->of($kitId)['facts'];
        $report = PriceFacts::rates($facts)->report();
        $sold = (new RunsOut([$kitId]))->sold($kitId) ?? ['ordered' => 0, 'weeks' => 1];
        [$all, $counted] = self::counted($record, now()->toDateTimeImmutable());
        $causes = [];
        foreach ($counted as ['cause' => $cause, 'serials' => $serials]) {
            $saving = Saving::of(count($serials), $all, $report, $sold['ordered'], $sold['weeks']);
            if ($saving !== null) {
                $causes[] = [
                    'name' => $cause->name(),
                    'cause' => $cause->cause->value,
                    'part' => $cause->part,
                    'kits' => count($serials),
                    'of' => $all,
                    'each' => self::money($saving->each),
                    'low' => self::money($saving->low),
                    'high' => self::money($saving->high),
                    'shipping' => $saving->kits->toScale(0, RoundingMode::HALF_UP)->toInt(),
                    'calls' => $saving->calls->toScale(2, RoundingMode::HALF_UP)->toFloat(),
                    'total' => self::money($saving->total()),
                ];
            }
        }
        usort(
            $causes,
            static fn(array $a, array $b): int => $b['kits'] <=> $a['kits'] ?: strnatcmp($a['name'], $b['name']),
        );

        return [
            'report' => self::money($report),
            'minutes' => $facts['reportMinutes'],
            'currency' => Shop::ours()->currency,
        ] +
            $sold + ['causes' => $causes];
    }

    /** @return array{int, array<string, array{cause: JudgedCause, serials: array<array-key, true>}>} kits that count, and by cause those of them that were reported for it */
    private static function counted(FaultRecord $record, DateTimeImmutable $at): array
    {
        $settled = $at->modify('-' . FaultStudy::SETTLED_DAYS . ' days')->format('Y-m-d');
        $kits = [];
        foreach ($record->shipped as $kit) {
            if ($kit->date <= $settled) {
                $kits[$kit->serial] = true;
            }
        }
        $counted = [];
        foreach ($record->judged() as $report) {
            foreach (isset($kits[$report['serial']]) ? $report['causes'] : [] as $cause) {
                $counted[$cause->name()]['cause'] = $cause;
                $counted[$cause->name()]['serials'][$report['serial']] = true;
            }
        }

        return [count($kits), $counted];
    }

    private static function money(BigRational $amount): string
    {
        return (string) $amount->toScale(2, RoundingMode::HALF_UP);
    }
}
