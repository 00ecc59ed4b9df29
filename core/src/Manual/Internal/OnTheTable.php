<?php

declare(strict_types=1);

namespace Chiralex\Manual\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\LookAlikePair;
use Chiralex\Build\LookAlikes;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;

/** What a builder asks about the parts of a step: which may go in either way round, which look like another one on the table. */
final readonly class OnTheTable
{
    /** @param list<array{list<string>, list<string>}> $pairs */
    private function __construct(
        private Kit $kit,
        private array $pairs,
    ) {}

    public static function of(Kit $kit): self
    {
        $pairs = array_map(static fn(LookAlikePair $pair): array => [$pair->these, $pair->those], (new LookAlikes())->pairs($kit));
        foreach ($kit->parts as $part) {
            if ($part->lookAlikes !== []) {
                $pairs[] = [[$part->designator], $part->lookAlikes];
            }
        }

        return new self($kit, $pairs);
    }

    /** @return list<string> parts fitted in the step that have no direction */
    public function undirected(Step $step): array
    {
        if ($step->action !== Action::Solder) {
            return [];
        }

        return array_values(array_filter($step->names(), function (string $name): bool {
            $part = $this->kit->part($name);

            return $part !== null && !$part->polarised && $part->kind()->goesEitherWay();
        }));
    }

    /**
     * @param list<string> $out parts out of their bags and not fitted yet, those of the step among them
     * @return list<array{list<string>, list<string>}> parts of the step, and their look-alikes that lie on the table too
     */
    public function alike(Step $step, array $out): array
    {
        if (!in_array($step->action, [Action::Solder, Action::Insert, Action::Place], true)) {
            return [];
        }
        $found = [];
        foreach ($this->pairs as [$these, $those]) {
            // The side that is fitted now comes first.
            foreach ([[$these, $those], [$those, $these]] as [$mine, $others]) {
                $mine = array_values(array_intersect($mine, $step->names()));
                $others = array_values(array_intersect($others, $out));
                if ($mine !== [] && $others !== []) {
                    $found[] = [$mine, $others];
                    break;
                }
            }
        }

        return $found;
    }
}
