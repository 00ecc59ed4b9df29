<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Actions\Library\Fingerprint;
use App\Models\Report;
use App\Models\ReportState;
use App\Models\Shop;
use App\Support\Row;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Chiralex\Fault\Cause;
use Chiralex\Fault\Claim\ClaimAdvice;
use Chiralex\Fault\Claim\ClaimJudge;
use Chiralex\Fault\Claim\ClaimRates;
use Chiralex\Fault\Claim\ClaimsBefore;
use Chiralex\Fault\Claim\MissingClaim;
use Chiralex\Fault\Claim\Take;
use Chiralex\Fault\Symptom;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Illuminate\Support\Facades\DB;

/** A claim of missing pieces, with what the books have of that line in that kit. */
final readonly class ClaimBook
{
    /** Minutes that a round of letters takes, and what a letter with pieces costs to send; common practice, no source. */
    private const ROUND = 12;
    private const POSTAGE = '1.60';
    private const MOST = 100;

    /**
     * @param list<string> $named designators that the letter names
     * @return ?array{part: string, advice: ClaimAdvice} null where it names no part of the kit
     */
    public function of(Report $report, Kit $kit, array $named): ?array
    {
        $part = null;
        foreach ([...self::claimed($report), ...$named] as $name) {
            $part ??= $kit->part($name);
        }
        if ($part === null) {
            return null;
        }
        $line = array_filter($kit->parts, static fn(KitPart $each): bool => $each->line->row === $part->line->row);
        $shop = Shop::ours();
        $round = BigDecimal::of($shop->wage)->multipliedBy(self::ROUND)->dividedBy(60, 2, RoundingMode::HALF_UP);
        [$missing, $there] = $this->settled();
        $judge = new ClaimJudge(ClaimRates::usual()->after($missing, $there), $round, BigDecimal::of(self::POSTAGE));

        return [
            'part' => $part->designator,
            'advice' => $judge->judge(
                new MissingClaim(
                    max(
                        1,
                        self::pieces($report),
                        count(self::claimed($report)),
                        self::claimed($report) === [] ? count(array_intersect($named, array_keys($line))) : 0,
                    ),
                    max(count($line), $part->line->quantity),
                    $report->unit_id !== null && $this->isShipped($report->unit_id),
                    $report->unit_id === null ? Take::Unknown : Take::Counted,
                    hasLookAlike: $part->notes->lookAlikes !== [] ||
                        in_array('look-alike', self::looked($report), true),
                    before: $this->before($report),
                ),
                $this->price($part),
                $this->isAgain($report),
                self::looked($report),
            ),
        ];
    }

    /** @return list<string> parts that the builder tapped as missing */
    private static function claimed(Report $report): array
    {
        $names = [];
        foreach ($report->checks as $each) {
            if ($each['check'] === 'missing') {
                $names[] = $each['answer'];
            }
        }

        return array_values(array_unique($names));
    }

    /** How many pieces the builder said, of a line whose pieces have no names of their own. */
    private static function pieces(Report $report): int
    {
        foreach ($report->checks as $each) {
            if ($each['check'] === 'missing pieces') {
                return min(self::MOST, max(0, (int) $each['answer']));
            }
        }

        return 0;
    }

    /** @return list<string> where the builder has looked for it already */
    private static function looked(Report $report): array
    {
        return array_values(
            array_intersect(['look-alike', 'left-over', 'on-board'], array_column($report->checks, 'check')),
        );
    }

    private function isShipped(int $unit): bool
    {
        return DB::table('unit_states')->where('unit_id', $unit)->where('entry', 'shipped')->exists();
    }

    /** @return array{int, int} claims that were settled: truly missing, found after all */
    private function settled(): array
    {
        $count = static fn(Cause $cause): int => ReportState::query()
            ->where('judged', true)
            ->whereRaw('causes @> ?::jsonb', [json_encode([['cause' => $cause->value]])])
            ->count();

        return [$count(Cause::Missing), $count(Cause::WasThere)];
    }

    private function before(Report $report): ClaimsBefore
    {
        if ($report->customer_id === null) {
            return new ClaimsBefore();
        }
        $rows = Row::all(
            DB::table('report_states')
                ->join('reports', 'reports.id', '=', 'report_id')
                ->where('customer_id', $report->customer_id)
                ->where('reports.id', '<', $report->id)
                ->where('report_states.symptom', Symptom::Missing->value)
                ->select(['causes']),
        );
        $found = array_filter(
            $rows,
            static fn(Row $row): bool => str_contains($row->text('causes'), Cause::WasThere->value),
        );

        return new ClaimsBefore(count($rows), count($found));
    }

    /** The same kit was said to lack something before, and nobody has settled it. */
    private function isAgain(Report $report): bool
    {
        return $report->unit_id !== null &&
            DB::table('report_states')
                ->join('reports', 'reports.id', '=', 'report_id')
                ->where('unit_id', $report->unit_id)
                ->where('reports.id', '<', $report->id)
                ->where('answered', false)
                ->where('likeness', $report->likeness)
                ->exists();
    }

    /** What a piece of the newest lot cost. */
    private function price(KitPart $part): ?BigDecimal
    {
        $price = DB::table('lot_states')
            ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
            ->where('fingerprint', Fingerprint::of($part))
            ->where('unit_cost', '>', 0)
            ->orderByDesc('lot_id')
            ->value('unit_cost');

        return is_string($price) || is_int($price) || is_float($price) ? BigDecimal::of((string) $price) : null;
    }
}
