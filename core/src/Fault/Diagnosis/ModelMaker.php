<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

use Chiralex\Build\BuildOrder;
use Chiralex\Fault\Cause;
use Chiralex\Fault\Data\Odds;
use Chiralex\Fault\Internal\Badness;
use Chiralex\Fault\Internal\Bench;
use Chiralex\Fault\Internal\CheckList;
use Chiralex\Fault\Internal\Draft;
use Chiralex\Fault\Internal\Notices;
use Chiralex\Fault\Internal\OtherSuspects;
use Chiralex\Fault\Internal\PairSuspects;
use Chiralex\Fault\Internal\PartSuspects;
use Chiralex\Fault\Internal\Predictions;
use Chiralex\Fault\KitReport;
use Chiralex\Fault\ShippedKit;
use Chiralex\Kit\Kit;

/**
 * Derives from a kit what may be wrong with it and what can be looked at: nobody types a tree of faults. Odds are common practice until
 * kits were shipped; then each is a Beta distribution that begins as the class, worth 200 kits.
 */
final readonly class ModelMaker
{
    /**
     * @param list<ShippedKit> $shipped
     * @param list<KitReport> $reports
     */
    public function __construct(private array $shipped = [], private array $reports = []) {}

    /** @param ?int $until number of the last step that is done; null for a kit that is finished */
    public function of(Kit $kit, ?BuildOrder $order, ?int $until = null): FaultModel
    {
        $bench = new Bench($kit, $order, $until);
        $checks = (new CheckList($bench))->all();
        $drafts = [
            ...(new PartSuspects($bench))->all(),
            ...(new PairSuspects($bench))->all(),
            ...(new OtherSuspects($bench))->all(),
        ];
        $seen = $this->counted();
        $names = array_fill_keys(array_map(static fn(Draft $draft): string => $draft->name, $drafts), true);
        foreach (array_keys(array_diff_key($seen, $names, [FaultModel::NO_FAULT => true])) as $own) {
            $drafts[] = new Draft((string) $own, Cause::Own, [], Odds::OWN);
        }
        [$notices, $badness, $reads] = [new Notices($bench), new Badness($bench, $checks), new Predictions($bench)];
        $suspects = [];
        foreach ($drafts as $draft) {
            $suspects[] = new Suspect(
                $draft->name,
                $draft->class,
                $draft->designators,
                $this->learnt($draft->odds, $seen[$draft->name] ?? 0),
                $notices->of($draft),
                $badness->of($draft),
                $reads->of($draft),
                $draft->step,
            );
        }

        return new FaultModel($suspects, $checks, $this->learnt(Odds::FALSE_REPORT, $seen[FaultModel::NO_FAULT] ?? 0));
    }

    /** @return array<string, int> cause to how many kits that were shipped had it */
    private function counted(): array
    {
        $kits = array_fill_keys(array_map(static fn(ShippedKit $kit): string => $kit->serial, $this->shipped), true);
        $causes = [];
        foreach ($this->reports as $report) {
            foreach (isset($kits[$report->serial]) ? $report->causes : [] as $cause) {
                $causes[$cause][$report->serial] = true;
            }
        }

        return array_map(count(...), $causes);
    }

    private function learnt(float $odds, int $kits): float
    {
        return (Odds::WORTH * $odds + $kits) / (Odds::WORTH + count($this->shipped));
    }
}
