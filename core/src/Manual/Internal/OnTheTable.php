<?php

declare(strict_types=1);

namespace Chiralex\Manual\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\LookAlikes;
use Chiralex\Build\Step;
use Chiralex\Kit\Kit;
use Chiralex\Part\Role;

/** What a builder asks about the parts of a step: which may go in either way round, which look like another one on the table. */
final readonly class OnTheTable
{
    private function __construct(private Kit $kit, private LookAlikes $alike) {}

    public static function of(Kit $kit): self
    {
        return new self($kit, LookAlikes::of($kit));
    }

    /** @return list<string> parts fitted in the step that have no direction */
    public function undirected(Step $step): array
    {
        if ($step->action !== Action::Solder) {
            return [];
        }

        return array_values(
            array_filter($step->names(), function (string $name): bool {
                $part = $this->kit->part($name);

                return $part !== null && !$part->direction->polarised && $part->row->is(Role::EitherWay);
            }),
        );
    }

    /**
     * @param list<string> $out parts out of their bags and not fitted yet, those of the step among them
     * @return list<array{list<string>, list<string>}> parts of the step, and their look-alikes that lie on the table too
     */
    public function alike(Step $step, array $out): array
    {
        if (!$step->action->fits()) {
            return [];
        }
        $found = $told = [];
        foreach ($step->names() as $name) {
            // Two that go in at this step are told of once, under the first.
            $others = array_values(
                array_filter(
                    $out,
                    fn(string $other): bool => $other !== $name &&
                        !isset($told[$other]) &&
                        $this->alike->areAlike($name, $other),
                ),
            );
            if ($others !== []) {
                sort($others, SORT_NATURAL);
                $found[implode(' ', $others)][] = $name;
                $told[$name] = true;
            }
        }

        return array_map(
            static fn(array $mine, string $others): array => [$mine, explode(' ', $others)],
            $found,
            array_map(strval(...), array_keys($found)),
        );
    }
}
