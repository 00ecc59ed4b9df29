<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Kit;
use Chiralex\Kit\PartLook;
use Chiralex\Marking\CodeNeighbours;
use Chiralex\Marking\Confusability;
use Chiralex\Marking\Look;

/** Which parts of a kit a builder may take for each other, computed once per distinct look. */
final readonly class LookAlikes
{
    /**
     * @param ?list<LookAlikePair> $pairs where they are known already
     * @return array<string, array<string, true>> designator to its look-alikes, those the maker names among them
     */
    public function of(Kit $kit, ?array $pairs = null): array
    {
        $alike = [];
        foreach ($pairs ?? $this->pairs($kit) as $pair) {
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
        foreach ($this->candidates($looks) as [$a, $b]) {
            $confusion = $compare->compare($looks[$a], $looks[$b]);
            if ($confusion->isLookAlike()) {
                $pairs[] = new LookAlikePair($groups[$a], $groups[$b], $looks[$a]->kind, $confusion);
            }
        }

        return $pairs;
    }

    /**
     * Looks worth comparing: of one body, and where only a code tells them apart, of neighbouring codes.
     *
     * @param array<array-key, Look> $looks
     * @return list<array{array-key, array-key}>
     */
    private function candidates(array $looks): array
    {
        $bodies = $codes = [];
        foreach ($looks as $key => $look) {
            if (Confusability::byCodeAlone($look)) {
                $codes[$look->body][$key] = (string) $look->code;
            } else {
                $bodies[$look->body][] = $key;
            }
        }
        $pairs = array_merge(...array_map((new CodeNeighbours())->pairs(...), array_values($codes)), ...[[]]);
        foreach ($bodies as $keys) {
            foreach ($keys as $index => $a) {
                foreach (array_slice($keys, $index + 1) as $b) {
                    $pairs[] = [$a, $b];
                }
            }
        }

        return $pairs;
    }
}
