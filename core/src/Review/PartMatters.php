<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bom\Supply;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\PartLook;
use Chiralex\Marking\Confusability;
use Chiralex\Part\Kind;
use Chiralex\Reason\Matter;
use Chiralex\Reason\Station;
use Chiralex\Reason\Weight;

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
            $matters[] = new Matter(Weight::Block, Station::Parts, 'parts.kind-question', ['designators' => $names, 'row' => $row], $names);
        }
        foreach ($kit->unknownNames as $name) {
            $matters[] = new Matter(Weight::Warn, Station::Parts, 'parts.unknown-name', ['name' => $name], [$name]);
        }
        foreach ($kit->openSockets as $ic) {
            $matters[] = new Matter(Weight::Warn, Station::Parts, 'parts.socket-question', ['ic' => $ic], [$ic]);
        }
        $brought = array_values(array_map(static fn(KitPart $part): string => $part->designator, array_filter($kit->parts, static fn(KitPart $part): bool => $part->supply === Supply::Builder)));
        if ($brought !== []) {
            $matters[] = new Matter(Weight::Note, Station::Parts, 'parts.builder-brings', ['designators' => $brought], $brought);
        }

        return [...$matters, ...$this->lookAlikes($subject)];
    }

    /** @return list<Matter> one for each pair of looks */
    private function lookAlikes(Subject $subject): array
    {
        $groups = $looks = [];
        foreach ($subject->kit->parts as $part) {
            if ($part->supply->isBuilt() && !str_starts_with($part->designator, '~')) {
                $look = PartLook::of($part);
                $key = "{$look->kind->value}|{$look->value}|{$look->body}";
                $groups[$key][] = $part->designator;
                $looks[$key] = $look;
            }
        }
        $matters = [];
        $keys = array_keys($groups);
        foreach ($keys as $index => $a) {
            foreach (array_slice($keys, $index + 1) as $b) {
                $confusion = (new Confusability())->compare($looks[$a], $looks[$b]);
                if (!$confusion->isLookAlike()) {
                    continue;
                }
                $clear = $confusion->reason->code === 'alike.clear-body' && $looks[$a]->kind === Kind::Led;
                $matters[] = new Matter($clear ? Weight::Warn : Weight::Note, Station::Parts, $clear ? 'parts.clear-bodies' : 'parts.look-alikes', [
                    'these' => $groups[$a], 'those' => $groups[$b], 'degree' => $confusion->degree, 'why' => $confusion->reason->code,
                ], [...$groups[$a], ...$groups[$b]]);
            }
        }

        return $matters;
    }
}
