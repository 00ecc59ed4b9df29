<?php

declare(strict_types=1);

// Simulated reports of a demo kit, looked into three ways: by what tells most a minute, by the order of the manual, commonest first. The
// three have the same checks, minutes and stopping rule. Called by bin/bench: bench-diagnose.php [REPORTS [KIT...]].

use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\CheckKind;
use Chiralex\Fault\Diagnosis\Diagnosis;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Fault\Diagnosis\ModelMaker;
use Chiralex\Fault\Diagnosis\Suspect;
use Chiralex\Fault\Internal\Gains;
use Chiralex\Fault\Internal\SetTable;
use Chiralex\Fault\Internal\Taps;
use Chiralex\Kit\KitReader;
use ChiralexAdapters\KitFiles;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

/** What is truly wrong with one kit, its odds and chances moved from those of the model. */
final class Truth
{
    private const MOVED = 0.15;
    /** Then the builder writes to the maker. */
    private const MOST_LOOKS = 40;
    /** Minutes to mend a cause. */
    private const MEND = 2.0;

    /** @var array<string, float> */
    private array $moves = [];

    /** @param list<Suspect> $wrong */
    public function __construct(private readonly FaultModel $model, private array $wrong) {}

    private function moved(string $key, float $chance): float
    {
        $this->moves[$key] ??= self::MOVED * ((2 * mt_rand()) / mt_getrandmax() - 1);

        return min(1.0, max(0.0, $chance + $this->moves[$key]));
    }

    public function symptom(): string
    {
        $chances = [];
        foreach (array_keys($this->model->suspects[0]->notices) as $symptom) {
            $not = 1.0;
            foreach ($this->wrong as $suspect) {
                $not *= 1.0 - $this->moved("{$suspect->name} {$symptom}", $suspect->notices[$symptom] ?? 1.0);
            }
            $chances[$symptom] = $this->wrong === [] ? 1.0 : max(SetTable::LEAST, 1.0 - $not);
        }

        return (string) picked($chances);
    }

    private function isBad(Check $check): bool
    {
        $not = 1.0;
        foreach ($this->wrong as $suspect) {
            $not *= 1.0 - $this->moved("{$suspect->name} {$check->name}", $suspect->badAt($check));
        }

        return mt_rand() / mt_getrandmax() < min(SetTable::MOST, max(SetTable::LEAST, 1.0 - $not));
    }

    /** Joints made anew, a good part put in: whoever tried it and sees it work is done. */
    private function works(Check $check): bool
    {
        return in_array($check->kind, [CheckKind::Reflow, CheckKind::KnownGood, CheckKind::OtherSupply], true) &&
            array_filter($this->wrong, static fn(Suspect $each): bool => !$each->touches($check)) === [];
    }

    /** Whoever finds a sheet odd taps the part, which answers its own check. */
    private function tapped(Check $check): ?Check
    {
        $kind = $check->kind->ofOne();
        if ($kind === null || $check->designators === []) {
            return null;
        }
        $name = $check->designators[mt_rand(0, count($check->designators) - 1)];
        foreach ($this->wrong as $suspect) {
            $here = array_values(array_intersect($suspect->designators, $check->designators));
            if ($suspect->touches($check) && $here !== []) {
                $name = $here[mt_rand(0, count($here) - 1)];
            }
        }
        foreach ($this->model->checks as $other) {
            if ($other->kind === $kind && $other->designators === [$name]) {
                return $other;
            }
        }

        return null;
    }

    /**
     * @param ?list<Check> $order null for what tells most
     * @return array{found: bool, minutes: float, looks: int, wrong: int}
     */
    public function sought(string $symptom, ?array $order): array
    {
        $model = $this->model;
        $answers = [];
        $minutes = 0.0;
        $looks = $mended = 0;
        $anything = $this->wrong !== [];
        $table = self::noticed($model, $symptom);
        $taps = new Taps($model);
        while ($looks < self::MOST_LOOKS) {
            $shares = $table->shares();
            if ($shares[0] >= Diagnosis::SURE) {
                return ['found' => $this->wrong === [], 'minutes' => $minutes, 'looks' => $looks, 'wrong' => $mended];
            }
            $causes = array_keys(
                array_filter($table->byMend($shares), static fn(float $share): bool => $share >= Diagnosis::SURE),
            );
            if ($causes !== []) {
                $minutes += self::MEND * count($causes);
                $names = [];
                foreach ($table->suspects as $suspect) {
                    if (in_array($suspect->mend(), $causes, true)) {
                        $names[] = $suspect->name;
                    }
                }
                $left = array_values(
                    array_filter($this->wrong, static fn(Suspect $each): bool => !in_array($each->name, $names, true)),
                );
                $mended += count($left) === count($this->wrong) ? 1 : 0;
                $this->wrong = $left;
                if ($left === [] && $anything) {
                    return ['found' => true, 'minutes' => $minutes, 'looks' => $looks, 'wrong' => $mended];
                }
                $gone = array_map(static fn(string $name): Suspect => $model->suspect($name) ?? exit(1), $names);
                $model = $model->without($names);
                $taps = new Taps($model);
                $symptom = $left === [] ? $symptom : $this->symptom();
                $table = self::noticed($model, $symptom);
                foreach ($answers as $name => $bad) {
                    $check = $model->check($name) ?? exit(1);
                    if (array_filter($gone, static fn(Suspect $each): bool => $each->touches($check)) !== []) {
                        unset($answers[$name]);
                    } else {
                        $table = $table->seen($table->badAt($check), $bad);
                    }
                }
                continue;
            }
            $open = array_values(
                array_filter(
                    $order ?? $model->checks,
                    static fn(Check $check): bool => !isset($answers[$check->name]) &&
                        array_diff($check->after, array_keys($answers)) === [],
                ),
            );
            $check = $order === null ? (new Gains($table, $taps))->best($open, 0.0)?->check : $open[0] ?? null;
            if ($check === null) {
                break;
            }
            $answers[$check->name] = $this->isBad($check);
            if ($answers[$check->name] && $anything && $this->works($check)) {
                return [
                    'found' => true,
                    'minutes' => $minutes + $check->minutes,
                    'looks' => $looks + 1,
                    'wrong' => $mended,
                ];
            }
            $table = $table->seen($table->badAt($check), $answers[$check->name]);
            $odd = $answers[$check->name] ? $this->tapped($check) : null;
            if ($odd !== null && !isset($answers[$odd->name])) {
                $answers[$odd->name] = true;
                $table = $table->seen($table->badAt($odd), true);
            }
            $minutes += $check->minutes;
            ++$looks;
        }

        return ['found' => false, 'minutes' => $minutes, 'looks' => $looks, 'wrong' => $mended];
    }

    private static function noticed(FaultModel $model, string $symptom): SetTable
    {
        return SetTable::of($model, $symptom)->seen(
            array_map(static fn(Suspect $each): float => $each->notices[$symptom] ?? 1.0, $model->suspects),
            true,
            1.0,
        );
    }
}

/** @param array<array-key, float> $weights */
function picked(array $weights): int|string
{
    $at = (array_sum($weights) * mt_rand()) / mt_getrandmax();
    foreach ($weights as $key => $weight) {
        $at -= $weight;
        if ($at <= 0.0) {
            return $key;
        }
    }

    return array_key_last($weights);
}

function normal(): float
{
    return sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
}

$reports = (int) ($argv[1] ?? 2000);
$kits = array_slice($argv, 2) ?: ['frost-bell'];
$failed = false;
foreach ($kits as $name) {
    $kit = (new KitReader())->read((new KitFiles())->fromPath(dirname(__DIR__, 2) . "/database/demo/{$name}"));
    $order = (new Planner())->plan($kit);
    $model = (new ModelMaker())->of($kit, $order instanceof BuildOrder ? $order : null);
    $manual = $common = $model->checks;
    usort($manual, static fn(Check $a, Check $b): int => ($a->step ?? 999) <=> ($b->step ?? 999));
    $odds = [];
    foreach ($model->checks as $check) {
        $odds[$check->name] = max([
            0.0,
            ...array_map(
                static fn(Suspect $each): float => $each->touches($check) ? $each->odds : 0.0,
                $model->suspects,
            ),
        ]);
    }
    usort(
        $common,
        static fn(Check $a, Check $b): int => $odds[$b->name] <=> $odds[$a->name] ?: $a->minutes <=> $b->minutes,
    );
    mt_srand(2000);
    $told = [];
    for ($i = 0; $i < $reports; ++$i) {
        $drawn = [];
        foreach ($model->suspects as $at => $suspect) {
            $drawn[$at] = $suspect->odds * exp(log(3) * normal());
        }
        $many = match (true) {
            $i % 10 === 0 => 0,
            $i % 5 === 1 => 2,
            default => 1,
        };
        $wrong = [];
        while (count($wrong) < $many) {
            $at = picked($drawn);
            $wrong[$at] = $model->suspects[$at];
            $drawn[$at] = 0.0;
        }
        $symptom = (new Truth($model, array_values($wrong)))->symptom();
        foreach (
            ['what tells most' => null, 'order of the manual' => $manual, 'commonest first' => $common] as $way => $list
        ) {
            mt_srand(7_000 + $i);
            $told[$way][] = (new Truth($model, array_values($wrong)))->sought($symptom, $list);
        }
        mt_srand(9_000_000 + $i);
    }
    $mean = [];
    foreach ($told as $way => $each) {
        $looks = array_column($each, 'looks');
        sort($looks);
        $mean[$way] = array_sum(array_column($each, 'minutes')) / count($each);
        printf(
            "%-12s %-20s %6.1f minutes in the mean, %2d looks in the median, found %4.1f %%, mended in vain %.2f\n",
            $name,
            $way,
            $mean[$way],
            $looks[intdiv(count($looks), 2)],
            (100 * count(array_filter(array_column($each, 'found')))) / count($each),
            array_sum(array_column($each, 'wrong')) / count($each),
        );
    }
    $ratio = $mean['what tells most'] / min($mean['order of the manual'], $mean['commonest first']);
    $looks = array_column($told['what tells most'], 'looks');
    sort($looks);
    $median = $looks[intdiv(count($looks), 2)];
    $met = $ratio <= 2 / 3 && $median <= 4;
    $failed = $failed || !$met;
    printf(
        "%-12s %.2f of the better list (target 0.67), median %d looks (target 4)  %s\n",
        $name,
        $ratio,
        $median,
        $met ? 'met' : 'MISSED',
    );
}
exit($failed ? 1 : 0);
