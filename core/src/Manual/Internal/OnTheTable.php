<?php

declare(strict_types=1);

namespace Chiralex\Manual\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\LookAlikes;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;

/** What a builder asks about the parts of a step: which may go in either way round, which look like another one on the table. */
final readonly class OnTheTable
{
    /** Kinds without a direction that builders ask about; common practice. */
    private const ASKED = [Kind::Resistor, Kind::Ceramic, Kind::Film, Kind::Electrolytic, Kind::Inductor, Kind::Crystal, Kind::Thermistor];

    /** @param array<string, array<string, true>> $alike */
    private function __construct(
        private Kit $kit,
        private array $alike,
    ) {}

    public static function of(Kit $kit): self
    {
        return new self($kit, (new LookAlikes())->of($kit));
    }

    /** @return list<string> parts fitted in the step that have no direction */
    public function undirected(Step $step): array
    {
        if ($step->action !== Action::Solder) {
            return [];
        }

        return array_values(array_filter($step->names(), function (string $name): bool {
            $part = $this->kit->part($name);

            return $part !== null && !$part->polarised && in_array($part->kind(), self::ASKED, true);
        }));
    }

    /**
     * @param list<string> $out parts out of their bags and not fitted yet, those of the step among them
     * @return array<string, list<string>> part of the step to the look-alikes that lie on the table too, each pair once
     */
    public function alike(Step $step, array $out): array
    {
        if (!in_array($step->action, [Action::Solder, Action::Insert, Action::Place], true)) {
            return [];
        }
        $found = [];
        $said = [];
        foreach ($step->names() as $name) {
            $others = array_values(array_filter(array_map(strval(...), array_keys($this->alike[$name] ?? [])), static fn(string $other): bool => in_array($other, $out, true) && !isset($said[$other])));
            if ($others !== []) {
                $found[$name] = $others;
            }
            $said[$name] = true;
        }

        return $found;
    }
}
