<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Cause;
use Chiralex\Fault\Data\Shown;
use Chiralex\Fault\Symptom;
use Chiralex\Kit\Kit;
use Chiralex\Kit\PowerIn;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;

/** The chance that a suspect shows a symptom: the kit's own by their blocks, the general ones by class and place. */
final readonly class Notices
{
    /** @var array<string, list<string>> general symptom to the blocks it comes from */
    private array $blocks;
    /** @var list<string> parts on the way of the power */
    private array $way;

    public function __construct(private Bench $bench)
    {
        $this->way = PowerIn::of($bench->kit)->parts;
        $blocks = [];
        foreach (Shown::symptoms() as $symptom) {
            $blocks[$symptom->value] = $bench->places->blocksOfAny(self::speaks($bench->kit, $symptom));
        }
        $this->blocks = $blocks;
    }

    /**
     * @return array<string, float> symptom to chance
     */
    public function of(Draft $draft): array
    {
        $notices = [];
        foreach ($this->bench->kit->work->symptoms as $own) {
            $notices[$own->name] =
                $draft->class === Cause::None
                    ? $this->notYet($own->blocks)
                    : $this->over(
                        $draft,
                        fn(string $name): float => $this->bench->places->chance($name, $own->blocks),
                        Shown::ELSEWHERE,
                    );
        }
        foreach (Shown::symptoms() as $symptom) {
            $blocks = $this->blocks[$symptom->value] ?? [];
            $chance = Shown::chance($draft->class, $symptom) ?? 1.0;
            $notices[$symptom->value] =
                $chance *
                $this->over(
                    $draft,
                    fn(string $name): float => $this->bench->places->factor($name, $blocks),
                    $blocks === [] || $draft->class === Cause::Own || $draft->class === Cause::None
                        ? 1.0
                        : Shown::ELSEWHERE,
                );
        }

        return $notices;
    }

    /**
     * Of a fault that sits at one of several parts, the mean; of one of all its parts, the most.
     *
     * @param callable(string): float $at
     * @param float $nowhere of a fault without a place
     */
    private function over(Draft $draft, callable $at, float $nowhere): float
    {
        if ($draft->sits !== []) {
            $sum = 0.0;
            foreach ($draft->sits as $name => $share) {
                $sum += $share * $at((string) $name);
            }

            return $sum;
        }
        $names = $draft->class === Cause::Supply && $draft->designators === [] ? $this->way : $draft->designators;
        if ($draft->class === Cause::WiresSwapped) {
            $names = $this->ends($names);
        }
        $chances = array_map($at, $names);
        // Without power nothing works, where nobody said what the way in feeds.
        $isAnywhere = $draft->class === Cause::Supply && $this->bench->places->blocksOfAny($this->way) === [];
        $least = !$isAnywhere ? 0.0 : ($nowhere === 1.0 ? 1.0 : Shown::FEEDS);

        return $chances === [] ? max($nowhere, $least) : max($least, ...$chances);
    }

    /**
     * @param list<string> $wires names
     * @return list<string> parts at their ends
     */
    private function ends(array $wires): array
    {
        $names = [];
        foreach ($this->bench->kit->work->wires as $wire) {
            foreach (in_array($wire->name, $wires, true) ? $wire->ends() : [] as $end) {
                $names[] = $end->part;
            }
        }

        return $names;
    }

    /**
     * A half-built kit does not do yet what parts do that are still to come.
     *
     * @param list<string> $blocks
     */
    private function notYet(array $blocks): float
    {
        foreach ($this->bench->kit->parts as $name => $part) {
            if (
                $part->supply->isBuilt() &&
                $this->bench->places->isIn((string) $name, $blocks) &&
                !$this->bench->stands((string) $name)
            ) {
                return Shown::HERE;
            }
        }

        return Shown::ELSEWHERE;
    }

    /** @return list<string> parts that a builder sees or hears doing what the symptom is about */
    private static function speaks(Kit $kit, Symptom $symptom): array
    {
        $kinds = match ($symptom) {
            Symptom::LampDark, Symptom::SoundNoLight => [Kind::Led, Kind::Display],
            Symptom::LightNoSound, Symptom::Noise => [Kind::Buzzer, Kind::Speaker, Kind::Jack],
            Symptom::Frequency => [Kind::Crystal],
            default => [],
        };
        $names = [];
        foreach (Shown::isMechanism($symptom) ? [] : $kit->parts as $name => $part) {
            if (
                $part->supply->isBuilt() &&
                (in_array($part->kind(), $kinds, true) ||
                    ($symptom === Symptom::CannotAdjust && $part->row->is(Role::Adjusts)))
            ) {
                $names[] = (string) $name;
            }
        }

        return $names;
    }
}
