<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Board\Lie;
use Chiralex\Build\Action;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\DroppedRule;
use Chiralex\Build\Rule;
use Chiralex\Build\Step;
use Chiralex\Build\StepPart;
use Chiralex\Build\StepReasons;
use Chiralex\Kit\Gate;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Workholding;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Station;

/** Contradictions, rules that overrides break, parts that fall out, boards that rock. */
final readonly class OrderMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $order = $subject->order;
        if ($order instanceof BuildCycle) {
            return [
                new Matter(
                    MatterSeverity::Block,
                    Station::Order,
                    'order.cycle',
                    ['path' => $order->path()],
                    array_values(array_unique($order->path())),
                ),
            ];
        }
        $matters = array_map(
            static fn(Rule $rule): Matter => new Matter(self::weight($rule), Station::Order, 'order.broken-rule', [
                ...$rule->reason->args,
                'before' => BuildCycle::name($rule->before),
                'after' => BuildCycle::name($rule->after),
                'why' => $rule->reason->code,
            ]),
            $order->broken,
        );
        foreach ($order->steps as $step) {
            array_push($matters, ...$this->step($step, $subject->kit));
        }
        if ($order->unplaced !== []) {
            $matters[] = new Matter(
                MatterSeverity::Note,
                Station::Order,
                'order.unplaced',
                ['designators' => $order->unplaced],
                $order->unplaced,
            );
        }

        return [
            ...$matters,
            ...$this->gates($subject->kit),
            ...$this->alike($order),
            ...array_map(self::closedIn(...), $order->givenUp->wishes),
            ...array_map(
                static fn(Rule $rule): Matter => new Matter(MatterSeverity::Warn, Station::Order, 'order.given-up', [
                    ...$rule->reason->args,
                    'why' => $rule->reason->code,
                ]),
                $order->givenUp->guesses,
            ),
        ];
    }

    /** What needs something else comes after it, or nothing is released; what is only nicer that way is the maker's to decide. */
    private static function weight(Rule $rule): MatterSeverity
    {
        $isHabit = in_array(
            $rule->reason->code,
            ['order.ic-last', 'order.panel-closes', 'order.plastic-last', 'order.mates-last', 'order.gate-early'],
            true,
        );

        return $rule->derived || $isHabit || ($rule->relaxable && $rule->reason->origin === Origin::CommonPractice)
            ? MatterSeverity::Warn
            : MatterSeverity::Block;
    }

    private static function closedIn(DroppedRule $dropped): Matter
    {
        $code = $dropped->always ? 'board.closed-in' : 'board.closed-by-rule';

        return new Matter(
            MatterSeverity::Warn,
            Station::Board,
            $dropped->room === null ? $code : "{$code}-room",
            [
                'designator' => $dropped->part,
                'by' => $dropped->by,
                'why' => str_replace('order.', 'need.', $dropped->need->code),
                'x' => round($dropped->at->x, 1),
                'y' => round($dropped->at->y, 1),
                'board' => $dropped->board,
                'room' => $dropped->room ?? '',
            ],
            [$dropped->part, ...$dropped->by],
        );
    }

    /** @return list<Matter> */
    private function step(Step $step, Kit $kit): array
    {
        $matters = [];
        foreach ($step->parts as $part) {
            foreach ($part->reasons as $reason) {
                $left = $reason->args['mm'] ?? null;
                if ($reason->code === 'lead.showing' && is_float($left) && $left < StepReasons::LEAD_NEEDED) {
                    $matters[] = new Matter(
                        MatterSeverity::Warn,
                        Station::Order,
                        $left < 0 ? 'order.falls-out' : 'order.short-joint',
                        ['step' => $step->number, 'designator' => $part->designator, ...$reason->args],
                        [$part->designator],
                    );
                }
            }
        }
        if (
            $step->work->lie !== null &&
            $kit->choices->settings->bench->workholding === Workholding::Table &&
            $step->work->lie->plane->tilt() > Lie::PROP_TILT &&
            array_filter($step->parts, static fn(StepPart $part): bool => $part->hold->needsLevel()) !== []
        ) {
            $args = ['step' => $step->number, 'tilt' => round($step->work->lie->plane->tilt(), 1)];
            $matters[] =
                $step->work->prop === null
                    ? new Matter(MatterSeverity::Note, Station::Order, 'order.tilted', $args, $step->names())
                    : new Matter(
                        MatterSeverity::Note,
                        Station::Order,
                        'order.prop',
                        $args + [
                            'height' => round($step->work->prop->height, 1),
                            'edge' => $step->work->prop->edge,
                            'x' => round($step->work->prop->at->x, 1),
                            'y' => round($step->work->prop->at->y, 1),
                        ],
                        $step->names(),
                    );
        }

        return $matters;
    }

    /** @return list<Matter> */
    private function gates(Kit $kit): array
    {
        $names = array_map(static fn(Gate $gate): string => $gate->name, $kit->work->gates);
        $matters = [];
        foreach ($kit->work->tests as $test) {
            if ($test->gate !== null && !in_array($test->gate, $names, true)) {
                $matters[] = new Matter(MatterSeverity::Warn, Station::Order, 'order.unknown-gate', [
                    'test' => $test->name,
                    'gate' => $test->gate,
                ]);
            }
        }

        return $matters;
    }

    /** @return list<Matter> */
    private function alike(BuildOrder $order): array
    {
        return $order->score->lookAlikes === 0
            ? []
            : [
                new Matter(MatterSeverity::Warn, Station::Order, 'order.look-alikes', [
                    'pairs' => $order->score->lookAlikes,
                    'steps' => count(
                        array_filter($order->steps, static fn(Step $step): bool => $step->action === Action::Solder),
                    ),
                ]),
            ];
    }
}
