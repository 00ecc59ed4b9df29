<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Checked;
use Chiralex\Build\Action;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\KitCallouts;
use Chiralex\Build\LookAlikes;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Polarity\Callout;

/** A kit as far as it is built: what stands on it, by which step, and what may be mistaken for what. */
final readonly class Bench
{
    /** @var array<string, KitPart> that stand there */
    public array $parts;
    /** @var list<Step> that are done */
    public array $steps;
    /** @var array<string, int> part to the number of the step that fits it */
    public array $stepOf;
    /** @var list<Callout> of what stands there */
    public array $callouts;
    public LookAlikes $alike;
    public Places $places;
    /** @var list<Checked> the tests with what they should read, worked out once */
    public array $tests;

    /** @param ?int $until number of the last step that is done; null for a kit that is finished */
    public function __construct(public Kit $kit, public ?BuildOrder $order, public ?int $until)
    {
        $steps = [];
        $stepOf = [];
        foreach ($order === null ? [] : $order->steps as $step) {
            if ($until === null || $step->number <= $until) {
                $steps[] = $step;
                $stepOf += array_fill_keys($step->fits(), $step->number);
            }
        }
        $this->steps = $steps;
        $this->stepOf = $stepOf;
        $this->parts = array_filter(
            $kit->parts,
            static fn(KitPart $part): bool => $part->supply->isBuilt() &&
                ($until === null || isset($stepOf[$part->designator])),
        );
        $this->callouts = array_values(
            array_filter(
                (new KitCallouts())->callouts($kit, $order),
                fn(Callout $callout): bool => isset($this->parts[$callout->designator]),
            ),
        );
        $this->alike = LookAlikes::of($kit);
        $this->places = Places::of($kit);
        $this->tests = (new BenchBook())->of($kit);
    }

    public function stands(string $designator): bool
    {
        return isset($this->parts[$designator]);
    }

    public function step(string $designator): ?int
    {
        return $this->stepOf[$designator] ?? null;
    }

    /** @return list<Step> those whose work is soldered to a board */
    public function soldered(): array
    {
        return array_values(
            array_filter(
                $this->steps,
                static fn(Step $step): bool => $step->action === Action::Solder && $step->work->joints > 0,
            ),
        );
    }

    /**
     * @return array<string, float> part of a step to its share of the joints
     */
    public function joints(Step $step): array
    {
        $joints = [];
        foreach ($step->names() as $name) {
            $joints[$name] = (float) ($this->kit->part($name)?->joints() ?? 1);
        }
        $sum = array_sum($joints);

        return array_map(static fn(float $each): float => $each / max(1.0, $sum), $joints);
    }

    /** @return list<string> parts of its formula, what its gate needs, else the parts its points are on */
    public function touched(Checked $checked): array
    {
        $names = array_map(strval(...), array_keys($checked->reading->parts ?? []));
        foreach ($this->kit->work->gates as $gate) {
            if ($gate->name === $checked->test->gate) {
                array_push($names, ...$gate->needs);
            }
        }
        if ($names === []) {
            $names = array_map(static fn(string $point): string => explode('.', $point)[0], $checked->test->points);
        }

        return array_values(
            array_unique(array_filter($names, fn(string $name): bool => $this->kit->part($name) !== null)),
        );
    }
}
