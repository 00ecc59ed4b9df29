<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Bagging\BagPlan;
use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Readings;
use Chiralex\Bom\Designators;
use Chiralex\Build\Action;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\KitCallouts;
use Chiralex\Build\Step;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Test;
use Chiralex\Kit\Wire;
use Chiralex\Manual\Internal\CautionTrail;
use Chiralex\Manual\Internal\OnTheTable;
use Chiralex\Manual\Internal\PlasticNear;
use Chiralex\Manual\Internal\Tips;
use Chiralex\Manual\Internal\ToolList;
use Chiralex\Polarity\Callout;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;
use Chiralex\Safety\Cautions;

/** Puts order, callouts, bags, tests and cautions together into a manual. */
final readonly class ManualPlanner
{
    public function manual(Kit $kit, BuildOrder $order, BagPlan $bags): Manual
    {
        $callouts = (new KitCallouts())->callouts($kit, $order);
        $left = $bags->bagOf();
        $bagOf = $left;
        $steps = [];
        $loose = (new LooseParts())->of($kit, $order);
        $iron = null;
        $table = OnTheTable::of($kit);
        $front = Cautions::for($kit)->ofKit();
        $trail = CautionTrail::of($front, $order);
        $tips = Tips::of($kit, $order);
        $plastic = new PlasticNear($kit, $order);
        foreach ($order->steps as $step) {
            $names = [...$step->names(), ...$step->uses];
            $opened = array_unique(
                array_values(array_intersect_key($bagOf, array_flip([...$names, ...$loose[$step->number] ?? []]))),
            );
            $out = [
                ...$names,
                ...array_map(
                    strval(...),
                    array_keys(array_filter($left, static fn(string $bag): bool => in_array($bag, $opened, true))),
                ),
            ];
            $before = $left;
            if ($step->action->fits() || in_array($step->action, [Action::Bolt, Action::Jig], true)) {
                $left = array_diff_key($left, array_flip($names));
            }
            $left = array_diff_key($left, array_flip([...$loose[$step->number] ?? [], ...$step->uses]));
            $taken = array_values(array_unique(array_diff_key($before, $left)));
            $last = $iron;
            $iron = $step->work->soldering->iron ?? $iron;
            $steps[] = new ManualStep(
                $step,
                $step->action->fits()
                    ? array_values(
                        array_filter(
                            $callouts,
                            static fn(Callout $callout): bool => in_array($callout->designator, $names, true),
                        ),
                    )
                    : [],
                array_values(
                    array_filter($kit->work->wires, static fn(Wire $wire): bool => in_array($wire->name, $names, true)),
                ),
                TestSteps::at($kit, $step),
                [
                    ...$tips->at($step),
                    ...$this->settings($step, $last),
                    ...$this->leads($kit, $step),
                    ...$plastic->at($step),
                    ...$this->leftOver($step, $left),
                ],
                new StepTable(
                    $loose[$step->number] ?? [],
                    $this->remaining($taken, $left),
                    $table->undirected($step),
                    $table->alike($step, array_values(array_unique($out))),
                ),
                ...$trail[$step->number],
            );
        }

        return new Manual($kit, $order, $bags, (new ToolList())->of($kit, $order), $front, $steps);
    }

    /**
     * At the last tests the bags are empty, but for what belongs to the box: what else is left over was forgotten.
     *
     * @param array<string, string> $left designator to bag
     * @return list<Reason>
     */
    private function leftOver(Step $step, array $left): array
    {
        return match (true) {
            $step->verb !== Verb::Try => [],
            $left === [] => [new Reason('tip.bags-empty', [], Origin::CommonPractice)],
            default => [
                new Reason(
                    'tip.bags-hold',
                    ['names' => array_map(strval(...), array_keys($left))],
                    Origin::CommonPractice,
                ),
            ],
        };
    }

    /** @return list<Reason> the leads of the meter count where few ohms are read */
    private function leads(Kit $kit, Step $step): array
    {
        // Reading by the text first: working a formula out only to find volts would be waste.
        $ohms = array_filter(
            TestSteps::at($kit, $step),
            static fn(Test $test): bool => preg_match('~ohm|\x{03A9}|^[A-Z]+\d+$~u', $test->expect) === 1,
        );
        $low = array_filter(
            $ohms,
            static fn(Test $test): bool => BenchBook::checked(new Readings($kit), $test)->isLowOhms(),
        );

        return $low === [] ? [] : [new Reason('tip.leads', [], Origin::CommonPractice)];
    }

    /**
     * The iron where its setting changes, and the block that levels a tilted board.
     *
     * @param ?int $before degrees Celsius the iron is set to so far
     * @return list<Reason>
     */
    private function settings(Step $step, ?int $before): array
    {
        $reasons = [];
        $iron = $step->work->soldering->iron;
        if ($iron !== null && $iron !== $before) {
            $reasons[] = new Reason(
                'tip.iron',
                ['celsius' => $iron, 'fahrenheit' => (int) (round((($iron * 9) / 5 + 32) / 5) * 5)],
                Origin::CommonPractice,
            );
        }
        if ($step->work->prop !== null) {
            $reasons[] = new Reason('tip.prop', [
                'height' => (int) round($step->work->prop->height),
                'edge' => $step->work->prop->edge,
            ]);
        } elseif ($step->work->isAskew) {
            $reasons[] = new Reason('tip.level', [], Origin::CommonPractice);
        }

        return $reasons;
    }

    /**
     * @param list<string> $opened bags that something was taken from
     * @param array<string, string> $left designator to bag
     * @return array<string, list<string>>
     */
    private function remaining(array $opened, array $left): array
    {
        sort($opened);
        $remaining = [];
        foreach ($opened as $bag) {
            $names = array_map(strval(...), array_keys($left, $bag, true));
            usort($names, Designators::compare(...));
            $remaining[$bag] = $names;
        }

        return $remaining;
    }
}
