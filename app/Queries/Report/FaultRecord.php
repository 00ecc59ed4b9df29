<?php

declare(strict_types=1);

namespace App\Queries\Report;

use App\Models\ReportState;
use Chiralex\Fault\Cause;
use Chiralex\Fault\FaultStudy;
use Chiralex\Fault\Fever;
use Chiralex\Fault\JudgedCause;
use Chiralex\Fault\KitReport;
use Chiralex\Fault\ReportedFault;
use Chiralex\Fault\ShippedKit;

/** What was shipped of a kit and what was reported of it, as the core counts them. */
final readonly class FaultRecord
{
    /**
     * @param list<ShippedKit> $shipped
     * @param list<ReportState> $states with their reports
     */
    public function __construct(public array $shipped, private array $states) {}

    public function study(): FaultStudy
    {
        return FaultStudy::of($this->shipped, $this->reports(), now()->toDateTimeImmutable());
    }

    /** @return list<KitReport> */
    public function reports(): array
    {
        return array_map(
            static fn(ReportState $each): KitReport => new KitReport(
                $each->report->created_at->toDateString(),
                $each->report->unit_id === null ? '' : $each->report->serial,
                (string) ($each->report->step_number ?? ''),
                $each->symptom ?? $each->report->symptom,
                array_values(
                    array_unique(array_map(static fn(JudgedCause $cause): string => $cause->name(), $each->causes)),
                ),
                $each->report->text,
            ),
            $this->states,
        );
    }

    /**
     * What teaches a diagnosis: causes that it looks for, by the names it has for them; a weak supply is one of them wherever it was found.
     *
     * @return list<KitReport>
     */
    public function lessons(): array
    {
        $looked = array_diff(array_column(Cause::suspected(), 'value'), [Cause::None->value, Cause::Own->value]);

        return array_map(static function (ReportState $each) use ($looked): KitReport {
            $names = [];
            foreach ($each->causes as $cause) {
                if (in_array($cause->cause->value, $looked, true)) {
                    $names[] = $cause->cause === Cause::Supply ? 'supply weak' : $cause->name();
                }
            }

            return new KitReport(
                $each->report->created_at->toDateString(),
                $each->report->unit_id === null ? '' : $each->report->serial,
                causes: array_values(array_unique($names)),
            );
        }, $this->states);
    }

    /** @return list<Fever> places of the board by the kits that were reported for them */
    public function fever(): array
    {
        return Fever::of($this->shipped, $this->judged(), now()->toDateTimeImmutable());
    }

    /** @return list<array{serial: string, causes: list<JudgedCause>}> of every report, what it was found to be */
    public function judged(): array
    {
        return array_map(
            static fn(ReportState $each): array => [
                'serial' => $each->report->unit_id === null ? '' : $each->report->serial,
                'causes' => $each->causes,
            ],
            $this->states,
        );
    }

    /** @return list<ReportedFault> */
    public function faults(): array
    {
        return array_map(
            static fn(ReportState $each): ReportedFault => new ReportedFault(
                $each->judged ? $each->symptom : null,
                $each->causes,
            ),
            $this->states,
        );
    }
}
