<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bom\Designators;
use Chiralex\Build\Action;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Rule;
use Chiralex\Build\Score;
use Chiralex\Build\Step;
use Chiralex\Build\StepPart;
use Chiralex\Build\Verb;
use Chiralex\Build\Wait;
use Chiralex\Kit\Edit\TakeBackEdit;
use Chiralex\Kit\Kit;
use Chiralex\Kit\OrderOverride;
use Chiralex\Manual\BuildTime;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;
use ChiralexRender\Svg\CircleSvg;
use ChiralexRender\Text\RowName;
use ChiralexRender\Text\TimeText;
use ChiralexRender\Told;
use ChiralexRender\Words;

/**
 * The document of `order`.
 *
 * @phpstan-type Planned array{minutes: float, low: float, high: float, text: string, short: string, elapsed: string, beside: array<string, float>}
 */
final readonly class OrderDocument
{
    private const APART = 'order.apart';

    public function __construct(private Words $words) {}

    /** @return array{school: string, group: int, steps: list<array{number: int, title: string, joints: int, ...<string, mixed>}>, score: array<string, int>, minutes: float, planned: Planned, clock: array<string, mixed>, overrides: list<array{parts: list<string>, after: list<string>, sameStep: bool}>, broken: list<string>} */
    public function of(BuildOrder $order, Kit $kit): array
    {
        $breaks = $order->stairBreaks();

        return [
            'school' => $order->school->value,
            'group' => $kit->choices->settings->group,
            'steps' => array_map(
                fn(Step $step): array => $this->step($step, isset($breaks[$step->number]), $kit),
                $order->steps,
            ),
            'score' => self::score($order->score),
            'minutes' => round(
                array_sum(array_map(static fn(Step $step): float => $step->work->minutes, $order->steps)),
                1,
            ),
            'planned' => $this->planned($order, $kit),
            'clock' => self::clock($order),
            'overrides' => array_map(
                static fn(OrderOverride $each): array => [
                    'parts' => $each->parts,
                    'after' => $each->after,
                    'sameStep' => $each->sameStep,
                ],
                $kit->choices->order,
            ),
            'broken' => array_map(fn(Rule $rule): string => $this->words->of($rule->reason), $order->broken),
        ];
    }

    /** @return Planned what a builder plans for, with what stands in no step; with the hours that something cures, where anything does */
    private function planned(BuildOrder $order, Kit $kit): array
    {
        $time = BuildTime::of($kit, $order);
        $text = new TimeText($this->words);
        $waits = ($order->clock->elapsed ?? 0.0) - ($order->clock->handsOn ?? 0.0);

        return [
            'minutes' => round($time->total(), 1),
            'low' => round($time->low(), 1),
            'high' => round($time->high(), 1),
            'text' => $text->range($time->low(), $time->high()),
            'short' => TimeText::short($time->low(), $time->high()),
            'elapsed' => $waits > 5.0 ? $text->range($time->low() + $waits, $time->high() + $waits) : '',
            'beside' => array_map(static fn(float $minutes): float => round($minutes, 1), [
                'contents' => $time->contents,
                'drilling' => $time->drilling,
                'cleaning' => $time->cleaning,
                'tidying' => $time->tidying,
            ]),
        ];
    }

    /** @return array{handsOn: float, elapsed: float, solder: float, waits: list<array<string, mixed>>} */
    private static function clock(BuildOrder $order): array
    {
        $clock = $order->clock;
        $minutes = round(array_sum(array_map(static fn(Step $step): float => $step->work->minutes, $order->steps)), 1);

        return [
            'handsOn' => $clock->handsOn ?? $minutes,
            'elapsed' => $clock->elapsed ?? $minutes,
            'solder' => round(
                array_sum(array_map(static fn(Step $step): float => $step->work->soldering->solder, $order->steps)),
                1,
            ),
            'waits' => array_map(
                static fn(Wait $wait): array => [
                    'step' => $wait->step,
                    'name' => $wait->name,
                    'hours' => $wait->hours,
                    'until' => $wait->until,
                    'meanwhile' => $wait->meanwhile,
                    'idle' => $wait->idle,
                ],
                $clock->waits ?? [],
            ),
        ];
    }

    /** @return array{cycle: list<string>, relax: list<string>, leftOut: string, steps: list<array{number: int, title: string, joints: int, ...<string, mixed>}>} */
    public function cycle(BuildCycle $cycle, Kit $kit): array
    {
        $rules = $cycle->relaxable() === [] ? $cycle->rules : $cycle->relaxable();
        $told = fn(Rule $rule): string => $this->words->of($rule->reason);

        return [
            'cycle' => $cycle->path(),
            'relax' => array_map($told, $rules),
            'leftOut' => implode(' ', array_map($told, $cycle->leftOut)),
            'steps' => $cycle->without === null ? [] : $this->of($cycle->without, $kit)['steps'],
        ];
    }

    /**
     * For the maker: each rule with who said it and what takes it back, the circle drawn, and the order meanwhile.
     *
     * @return array<string, mixed>
     */
    public function circle(BuildCycle $cycle, Kit $kit): array
    {
        return $this->cycle($cycle, $kit) + [
            'rules' => array_map(
                fn(Rule $rule): array => [
                    'before' => BuildCycle::name($rule->before),
                    'after' => BuildCycle::name($rule->after),
                    'text' => $this->words->of($rule->reason),
                    'who' => $this->words->sentence('rule.' . self::who($rule->reason->origin), []),
                    'takeBack' => $rule->relaxable ? TakeBackEdit::of($rule->reason)?->entry() : null,
                    'leftOut' => in_array($rule, $cycle->leftOut, true),
                ],
                $cycle->rules,
            ),
            'drawn' => (new CircleSvg($kit))->of($cycle->rules),
            'order' => $cycle->without === null ? null : $this->of($cycle->without, $kit),
        ];
    }

    private static function who(Origin $origin): string
    {
        return match ($origin) {
            Origin::Typed, Origin::KitFile, Origin::PartsList => 'typed',
            Origin::PlacementFile, Origin::Measured => 'board',
            Origin::Computed => 'derived',
            default => 'usual',
        };
    }

    /** @return array<string, int> */
    public static function score(Score $score): array
    {
        return [
            'violations' => $score->violations,
            'inversions' => $score->inversions,
            'lookAlikes' => $score->lookAlikes,
            'hanging' => $score->hanging,
            'flips' => $score->flips,
            'blockSwitches' => $score->blockSwitches,
            'kindSwitches' => $score->kindSwitches,
            'valueSwitches' => $score->valueSwitches,
            'steps' => $score->steps,
        ];
    }

    /** @param array<mixed> $score as `score` writes it */
    public static function scored(array $score): Score
    {
        $of = static fn(string $field): int => is_int($score[$field] ?? null) ? $score[$field] : 0;

        return new Score(
            $of('violations'),
            $of('inversions'),
            $of('lookAlikes'),
            $of('hanging'),
            $of('flips'),
            $of('blockSwitches'),
            $of('kindSwitches'),
            $of('valueSwitches'),
            $of('steps'),
        );
    }

    /** @return array{number: int, title: string, joints: int, ...<string, mixed>} */
    private function step(Step $step, bool $breaksStair, Kit $kit): array
    {
        $lie = $step->work->lie;

        return [
            'number' => $step->number,
            'title' => $this->title($step, $kit),
            'action' => $step->action->value,
            'board' => $step->face?->board,
            'side' => $step->gate === null ? $step->face?->side->value : null,
            'parts' => array_map(fn(StepPart $part): array => $this->part($part, $kit), $step->parts),
            'gate' => $step->gate === null ? null : ['name' => $step->gate->name, 'expect' => $step->gate->expect],
            'uses' => $step->uses,
            'with' => array_map((new RowName($kit, $this->words))->full(...), $step->uses),
            'fits' => $step->fits(),
            'height' => $step->height(),
            'breaksStair' => $breaksStair,
            'why' =>
                $breaksStair || in_array($step->action, [Action::Insert, Action::Place, Action::Adjust], true)
                    ? $this->why($step)
                    : null,
            'apart' => self::apart($step),
            'joints' => $step->work->joints,
            'minutes' => $step->work->minutes,
            'time' => $step->work->time === null ? '' : $this->words->of($step->work->time),
            'solder' => $step->work->soldering->solder,
            'iron' => $step->work->soldering->iron,
            'prop' =>
                $step->work->prop === null
                    ? null
                    : [
                        'x' => round($step->work->prop->at->x, 3),
                        'y' => round($step->work->prop->at->y, 3),
                        'edge' => $step->work->prop->edge,
                        'height' => round($step->work->prop->height, 3),
                    ],
            'overridden' => $step->overridden,
            'cautions' => array_map(fn(Reason $reason): string => $this->words->of($reason), $step->work->cautions),
            'lie' =>
                $lie === null
                    ? null
                    : [
                        'contacts' => $lie->contacts,
                        'tilt' => round($lie->plane->tilt(), 3),
                        'rocks' => $lie->rocks,
                        'plane' => ['h' => $lie->plane->h, 'gx' => $lie->plane->gx, 'gy' => $lie->plane->gy],
                    ],
        ];
    }

    /** The rule that explains the place of a step best: the first that its parts waited for. */
    private function why(Step $step): ?string
    {
        foreach ($step->parts as $part) {
            foreach ($part->reasons as $reason) {
                if (str_starts_with($reason->code, 'order.') && $reason->code !== self::APART) {
                    return $this->words->of($reason);
                }
            }
        }

        return null;
    }

    /** @return list<string> look-alikes that are kept out of a step */
    private static function apart(Step $step): array
    {
        $names = [];
        foreach ($step->parts as $part) {
            foreach ($part->reasons as $reason) {
                $here = $reason->code === self::APART ? $reason->args['designators'] ?? [] : [];
                foreach (is_array($here) ? $here : [$here] as $name) {
                    $names[(string) $name] = true;
                }
            }
        }
        $names = array_map(strval(...), array_keys($names));
        usort($names, Designators::compare(...));

        return $names;
    }

    /** @return array{designator: string, label?: string, height: ?float, hold: string, hangs: bool, gap: ?float, reasons: list<array<string, mixed>>} */
    private function part(StepPart $part, Kit $kit): array
    {
        $told = new Told($this->words);

        return [
            'designator' => $part->designator,
            ...Designators::isNamed($part->designator)
                ? []
                : ['label' => (new RowName($kit, $this->words))->full($part->designator)],
            'height' => $part->height === null ? null : round($part->height, 4),
            'hold' => $part->hold->value,
            'hangs' => $part->hold->hangs(),
            'gap' => $part->gap === null ? null : round($part->gap, 4),
            'reasons' => array_map(static fn(Reason $reason): array => $told->reason($reason), $part->reasons),
        ];
    }

    private function title(Step $step, Kit $kit): string
    {
        $parts = $this->named($step, $kit);
        $action = $this->words->action($this->actionOf($step, $kit));

        return match (true) {
            $step->action === Action::Solder => ucfirst($parts),
            $step->verb === Verb::Try => $action,
            $step->gate !== null => "{$action}: {$step->gate->name}",
            $step->action === Action::Insert => $this->words->sentence('page.insert', [
                'parts' => $this->words->inside($parts),
            ]),
            in_array($step->action, [Action::Cure, Action::Snap, Action::Remove], true) => "{$action}: {$step->what}",
            default => $action . ': ' . ($parts === '' ? $step->what : $this->words->inside($parts)),
        };
    }

    /** What a builder calls the work, where the action alone does not say it. */
    private function actionOf(Step $step, Kit $kit): string
    {
        return match ($step->verb) {
            Verb::Try => $step->what,
            Verb::Plug, Verb::Fix, Verb::Cover, Verb::Fit, Verb::Lend => $step->verb->value,
            Verb::Tack => $kit->part($step->what) === null && str_contains($step->what, '+') ? 'tack-plugged' : 'tack',
            default => $step->action->value,
        };
    }

    /** The kinds of its parts, each once. */
    private function named(Step $step, Kit $kit): string
    {
        $kinds = $pieces = [];
        foreach ($step->names() as $name) {
            $part = $kit->part($name);
            $kind = $part?->kind();
            $key = $kind === null ? 'wire' : $kind->value;
            $kinds[$key] = $kind;
            $pieces[$key] =
                ($pieces[$key] ?? 0) +
                ($part !== null && !Designators::isNamed($name) ? max(1, $part->line->quantity) : 1);
        }
        $names = [];
        foreach ($kinds as $key => $kind) {
            $many = ($pieces[$key] ?? 0) > 1;
            $name = $kind === null ? $this->words->action($many ? 'wires' : 'wire') : $this->words->kind($kind, $many);
            $names[] = $names === [] ? $name : $this->words->inside($name);
        }

        return implode(', ', $names);
    }
}
