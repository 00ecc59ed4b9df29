<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\BoardStuff;
use Chiralex\Board\Lie;
use Chiralex\Build\Internal\Costs;
use Chiralex\Build\Internal\Holding;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Workholding;
use Chiralex\Part\Hold;
use Chiralex\Reason\Reason;

/** Says of each part in a step how it is held, why it comes where it comes, and where the numbers are from. */
final readonly class StepReasons
{
    /** A joint needs this much lead to show, in millimetres. */
    public const LEAD_NEEDED = 0.5;

    public function __construct(
        private Kit $kit,
        private TaskBook $book,
        private RuleTelling $rules,
        private LookAlikes $alike,
    ) {}

    public function part(string $name, Task $task, Holding $holding, ?Lie $lie): StepPart
    {
        $part = $this->kit->part($name);
        if ($part === null || $task->face === null) {
            return new StepPart(
                $name,
                null,
                Hold::NoneNeeded,
                null,
                $this->rules->at($task->isSequenced() ? (string) $this->book->solder($name) : $task->id, $name),
            );
        }
        $body = $part->shape;
        if (!$task->isSequenced()) {
            $jig = in_array($task->action, [Action::Place, Action::Jig, Action::Nuts, Action::Tack], true);

            $hold = $jig ? Hold::Jig : Hold::NoneNeeded;

            return new StepPart($name, $body->height, $hold, null, [
                $this->height($part),
                $this->held($part, $hold, null, $holding),
                ...$this->rules->at($task->id, $name),
            ]);
        }
        $hold = $holding->hold($part, $lie);
        $gap = $this->gap($part, $lie);

        return new StepPart($name, $this->unionHeight($name), $hold, $gap, [
            $this->height($part),
            $this->held($part, $hold, $gap, $holding),
            ...$this->showing($part, $task->face->board, $hold, $gap),
            ...$this->apart($name, $body->height),
            ...$this->rules->at((string) $this->book->solder($name), $name),
        ]);
    }

    /** What is bolted together has one height, that of its tallest part. */
    private function unionHeight(string $name): float
    {
        $heights = array_map(
            fn(string $each): float => $this->kit->part($each)->shape->height ?? 0.0,
            $this->book->tasks[(string) $this->book->solder($name)]->parts,
        );

        return $heights === [] ? 0.0 : max($heights);
    }

    /** How far a part hangs off a board that lies on the table, mm; null where it does not lie there. */
    private function gap(KitPart $part, ?Lie $lie): ?float
    {
        $table = $this->kit->choices->settings->bench->workholding === Workholding::Table;

        return $lie === null || $part->place->body === null || !$table ? null : $lie->gap($part->place->body);
    }

    private function height(KitPart $part): Reason
    {
        return new Reason(
            'height',
            [
                'mm' => round($part->shape->height, 3),
                'outline' => $part->shape->outline->name,
                'source' => $part->shape->outline->source,
            ],
            $part->shape->heightOrigin,
        );
    }

    private function held(KitPart $part, Hold $hold, ?float $gap, Holding $holding): Reason
    {
        if ($hold === Hold::Jig && $holding->isPlugged($part->designator)) {
            return new Reason('hold.plug');
        }
        $noGap = $gap === null && in_array($hold, [Hold::Tack, Hold::Tape, Hold::Putty], true);

        return new Reason("hold.{$hold->value}" . ($noGap ? '.no-gap' : ''), [
            'gap' => $gap === null ? '' : (string) round($gap, 2),
            'flush' => Lie::FLUSH,
            'leads' => $part->shape->outline->leads->style->value,
        ]);
    }

    /** @return list<Reason> how much of a lead shows on the other side of a part that hangs */
    private function showing(KitPart $part, string $board, Hold $hold, ?float $gap): array
    {
        if ($gap === null || !$hold->hangs()) {
            return [];
        }
        $lead = $part->shape->outline->leads->length;
        $thickness = $this->kit->board($board)->stuff->thickness ?? BoardStuff::THICKNESS;

        return [
            new Reason('lead.showing', [
                'mm' => round($lead - $thickness - $gap, 2),
                'lead' => $lead,
                'thickness' => $thickness,
                'gap' => round($gap, 2),
                'needed' => self::LEAD_NEEDED,
            ]),
        ];
    }

    /**
     * Look-alikes of about the same height could have been in one step; they are kept apart.
     *
     * @return list<Reason>
     */
    private function apart(string $name, float $height): array
    {
        $near = array_values(
            array_filter(
                $this->alike->to($name),
                fn(string $other): bool => abs(($this->kit->part($other)->shape->height ?? INF) - $height) <=
                    Costs::SPREAD,
            ),
        );

        return $near === []
            ? []
            : [
                new Reason(
                    'order.apart',
                    ['designators' => array_slice($near, 0, RuleTelling::NAMED)] +
                        (count($near) > RuleTelling::NAMED ? ['more' => count($near) - RuleTelling::NAMED] : []),
                ),
            ];
    }
}
