<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\PartLook;
use Chiralex\Marking\Confusability;

/** Which parts of a kit a builder may take for each other, computed once per distinct look. */
final readonly class LookAlikes
{
    /** @return array<string, array<string, true>> designator to its look-alikes */
    public function of(Kit $kit): array
    {
        $groups = $looks = [];
        foreach ($kit->parts as $part) {
            if ($part->supply->isBuilt() && !str_starts_with($part->designator, '~')) {
                $look = PartLook::of($part);
                $key = serialize([$look->kind->value, $look->value, $look->body]);
                $groups[$key][] = $part;
                $looks[$key] = $look;
            }
        }
        $alike = [];
        $compare = new Confusability();
        $keys = array_keys($groups);
        foreach ($keys as $index => $a) {
            for ($i = $index + 1; $i < count($keys); ++$i) {
                $b = $keys[$i];
                if ($looks[$a]->body === $looks[$b]->body && $compare->compare($looks[$a], $looks[$b])->isLookAlike()) {
                    $this->link($groups[$a], $groups[$b], $alike);
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

    /**
     * @param list<KitPart> $these
     * @param list<KitPart> $those
     * @param array<string, array<string, true>> $alike
     */
    private function link(array $these, array $those, array &$alike): void
    {
        foreach ($these as $a) {
            foreach ($those as $b) {
                $alike[$a->designator][$b->designator] = $alike[$b->designator][$a->designator] = true;
            }
        }
    }
}
