<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bom\Supply;
use Chiralex\Build\LookAlikePair;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\KitPart;
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
        return array_map(static function (LookAlikePair $pair): Matter {
            $clear = $pair->confusion->reason->code === 'alike.clear-body' && $pair->kind === Kind::Led;

            return new Matter($clear ? Weight::Warn : Weight::Note, Station::Parts, $clear ? 'parts.clear-bodies' : 'parts.look-alikes', [
                'these' => $pair->these, 'those' => $pair->those, 'degree' => $pair->confusion->degree, 'why' => $pair->confusion->reason->code,
            ], [...$pair->these, ...$pair->those]);
        }, (new LookAlikes())->pairs($subject->kit));
    }
}
