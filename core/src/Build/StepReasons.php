<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Lie;
use Chiralex\Build\Internal\Costs;
use Chiralex\Build\Internal\Holding;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Workholding;
use Chiralex\Part\Hold;
use Chiralex\Reason\Reason;

/** Says of each part in a step how it is held, why it comes where it comes, and where the numbers are from. */
final readonly class StepReasons
{
    /** A joint needs this much lead to show, in millimetres. */
    public const LEAD_NEEDED = 0.5;
    /** Look-alikes named at a step; of more their number is said. */
    private const NAMED = 24;

    public function __construct(private Kit $kit, private Precedence $precedence, private LookAlikes $alike) {}

    public function part(string $name, Task $task, Holding $holding, ?Lie $lie): StepPart
    {
        $part = $this->kit->part($name);
        if ($part === null || $task->face?->board === null) {
            return new StepPart(
                $name,
                null,
                Hold::NoneNeeded,
                null,
                $this->rules($task->sequenced ? "solder {$name}" : $task->id),
            );
        }
        $soldered = $task->sequenced;
        $hold = match (true) {
            $soldered => $holding->hold($part, $lie),
            in_array($task->action, [Action::Place, Action::Jig, Action::Nuts, Action::Tack], true) => Hold::Jig,
            default => Hold::NoneNeeded,
        };
        $gap =
            $soldered &&
            $lie !== null &&
            $part->place->body !== null &&
            $this->kit->choices->settings->bench->workholding === Workholding::Table
                ? $lie->gap($part->place->body)
                : null;
        $reasons = [
            new Reason(
                'height',
                [
                    'mm' => round($part->shape->height, 3),
                    'outline' => $part->shape->outline->name,
                    'source' => $part->shape->outline->source,
                ],
                $part->shape->heightOrigin,
            ),
        ];
        if ($soldered) {
            $reasons[] = new Reason(
                "hold.{$hold->value}" .
                    ($gap === null && in_array($hold, [Hold::Tack, Hold::Tape, Hold::Putty], true) ? '.no-gap' : ''),
                [
                    'gap' => $gap === null ? '' : (string) round($gap, 2),
                    'flush' => Lie::FLUSH,
                    'leads' => $part->shape->outline->leads->style->value,
                ],
            );
        }
        if ($gap !== null && $hold->hangs()) {
            $thickness = $this->kit->board($task->face->board)->stuff->thickness ?? 1.6;
            $reasons[] = new Reason('lead.showing', [
                'mm' => round($part->shape->outline->leads->length - $thickness - $gap, 2),
                'lead' => $part->shape->outline->leads->length,
                'thickness' => $thickness,
                'gap' => round($gap, 2),
                'needed' => self::LEAD_NEEDED,
            ]);
        }

        $apart = $soldered ? $this->apart($name, $part->shape->height) : [];

        return new StepPart($name, $part->shape->height, $hold, $gap, [
            ...$reasons,
            ...$apart,
            ...$this->rules($task->id === "solder {$name}" || !$soldered ? $task->id : "solder {$name}"),
        ]);
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
                    ['designators' => array_slice($near, 0, self::NAMED)] +
                        (count($near) > self::NAMED ? ['more' => count($near) - self::NAMED] : []),
                ),
            ];
    }

    /**
     * The rules that made the part wait, one of each kind.
     *
     * @return list<Reason>
     */
    private function rules(string $task): array
    {
        $reasons = [];
        foreach ($this->precedence->predecessors($task) as $rule) {
            $reasons[$rule->reason->code] ??= $rule->reason;
        }

        return array_values($reasons);
    }
}
