<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bom\Provision;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Kinds to answer, look-alikes, colours hidden in clear bodies, names that nothing carries. */
final readonly class PartMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $kit = $subject->kit;
        $matters = [];
        $questions = [];
        foreach ($kit->parts as $part) {
            if ($part->recognition->needsAnswer() && $part->supply->isOnBoard()) {
                $questions[$part->line->row][] = $part->designator;
            }
        }
        foreach ($questions as $row => $names) {
            $guess = $kit->part($names[0])?->kind() ?? Kind::Unknown;
            $matters[] = new Matter(
                MatterSeverity::Block,
                Station::Parts,
                $guess === Kind::Unknown ? 'parts.kind-question' : 'parts.kind-guess',
                ['designators' => $names, 'row' => $row, 'guess' => str_replace('-', ' ', $guess->value)],
                $names,
            );
        }
        foreach ($kit->findings->unknownNames as $name) {
            $matters[] = new Matter(
                MatterSeverity::Warn,
                Station::Parts,
                'parts.unknown-name',
                ['name' => $name],
                [$name],
            );
        }
        foreach ($kit->findings->openSockets as $ic) {
            $matters[] = new Matter(
                MatterSeverity::Warn,
                Station::Parts,
                'parts.socket-question',
                ['ic' => $ic],
                [$ic],
            );
        }
        $brought = array_values(
            array_map(
                static fn(KitPart $part): string => $part->designator,
                array_filter($kit->parts, static fn(KitPart $part): bool => $part->supply === Provision::Builder),
            ),
        );
        if ($brought !== []) {
            $matters[] = new Matter(
                MatterSeverity::Note,
                Station::Parts,
                'parts.builder-brings',
                ['designators' => $brought],
                $brought,
            );
        }

        return [...$matters, ...$this->lookAlikes($subject)];
    }

    /** @return list<Matter> one for each look with all that it is taken for, for one reason; a group of many alike is one matter */
    private function lookAlikes(Subject $subject): array
    {
        $told = [];
        foreach (LookAlikes::of($subject->kit)->groups as $group) {
            $key = $group->confusion->reason->code . ' ' . implode(' ', $group->looks[0]);
            $told[$key]['group'] ??= $group;
            $told[$key]['those'] = [
                ...$told[$key]['those'] ?? [],
                ...array_merge(...array_slice($group->looks, 1), ...[[]]),
            ];
        }

        return array_values(
            array_map(static function (array $each): Matter {
                $group = $each['group'];
                $clear = $group->confusion->reason->code === 'alike.clear-body' && $group->kind === Kind::Led;

                $code = match (true) {
                    $clear => 'parts.clear-bodies',
                    count($group->looks) > 2 => 'parts.look-alike-group',
                    default => 'parts.look-alikes',
                };

                return new Matter(
                    $clear ? MatterSeverity::Warn : MatterSeverity::Note,
                    Station::Parts,
                    $code,
                    [
                        'these' => $group->looks[0],
                        'those' => $each['those'],
                        'degree' => $group->confusion->degree,
                        'why' => $group->confusion->reason->code,
                    ],
                    [...$group->looks[0], ...$each['those']],
                );
            }, $told),
        );
    }
}
