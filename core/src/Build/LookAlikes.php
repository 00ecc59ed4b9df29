<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Kit;
use Chiralex\Kit\PartLook;
use Chiralex\Marking\Confusability;

/** Which parts of a kit a builder may take for each other, computed once per distinct look. */
final readonly class LookAlikes
{
    /** @return array<string, array<string, true>> designator to its look-alikes, those the maker names among them */
    public function of(Kit $kit): array
    {
        $alike = [];
        foreach ($this->pairs($kit) as $pair) {
            foreach ($pair->these as $a) {
                foreach ($pair->those as $b) {
                    $alike[$a][$b] = $alike[$b][$a] = true;
                }
            }
        }
        foreach ($kit->parts as $part) {
            foreach ($part->lookAlikes as $other) {
                $alike[$part->designator][$other] = $alike[$other][$part->designator] = true;
            }
        }

        return $alike;
    }

    /** @return list<LookAlikePair> one for each two looks */
    public function pairs(Kit $kit): array
    {
        $groups = $looks = [];
        foreach ($kit->parts as $part) {
            if ($part->supply->isBuilt() && !str_starts_with($part->designator, '~')) {
                $look = PartLook::of($part);
                $key = "{$look->kind->value}|{$look->value}|{$look->body}";
                $groups[$key][] = $part->designator;
                $looks[$key] = $look;
            }
        }
        $pairs = [];
        $compare = new Confusability();
        $keys = array_keys($groups);
        foreach ($keys as $index => $a) {
            foreach (array_slice($keys, $index + 1) as $b) {
                $confusion = $looks[$a]->body === $looks[$b]->body ? $compare->compare($looks[$a], $looks[$b]) : null;
                if ($confusion !== null && $confusion->isLookAlike()) {
                    $pairs[] = new LookAlikePair($groups[$a], $groups[$b], $looks[$a]->kind, $confusion);
                }
            }
        }

        return $pairs;
    }
}
