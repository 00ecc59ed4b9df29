<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Bom\Designators;
use Chiralex\Build\LookAlikeGroup;
use Chiralex\Kit\Kit;
use Chiralex\Kit\PartLook;
use Chiralex\Marking\BandNeighbours;
use Chiralex\Marking\CodeNeighbours;
use Chiralex\Marking\Colour;
use Chiralex\Marking\Confusability;
use Chiralex\Marking\Look;

/**
 * The looks of a kit's parts, grouped by what makes them alike. Looks that nothing but a small print or a colour behind a clear
 * lens tells apart are one group, however many they are; bands and codes are compared with their neighbours only.
 */
final readonly class LooksOfKit
{
    /** @var array<array-key, Look> */
    private array $looks;

    /** @var array<array-key, non-empty-list<string>> designators of each look */
    private array $names;

    public function __construct(Kit $kit)
    {
        $looks = $names = [];
        foreach ($kit->parts as $part) {
            if ($part->supply->isBuilt() && Designators::isNamed($part->designator)) {
                $look = PartLook::of($part);
                // One value in two tolerances bears two sets of bands: two looks, though no look-alikes of each other.
                $key = implode('|', [
                    $look->kind->value,
                    $look->value,
                    $look->body,
                    $look->clear ? 'clear' : '',
                    ...array_map(static fn(Colour $band): string => $band->value, $look->bands),
                ]);
                $names[$key][] = $part->designator;
                $looks[$key] = $look;
            }
        }
        $this->looks = $looks;
        $this->names = $names;
    }

    /** @return list<LookAlikeGroup> */
    public function groups(): array
    {
        $bodies = [];
        foreach ($this->looks as $key => $look) {
            $bodies[$look->body][$key] = $look;
        }
        $compare = new Confusability();
        $groups = [];
        foreach ($bodies as $looks) {
            $whole = [];
            foreach ($looks as $key => $look) {
                $class = Confusability::wholeClass($look);
                if ($class !== null) {
                    $whole[$class][] = $key;
                }
            }
            foreach ($whole as $keys) {
                if (count($keys) > 1) {
                    $groups[] = $this->group($keys, $compare);
                }
            }
            foreach ($this->neighbours($looks) as [$a, $b]) {
                $sameClass =
                    Confusability::wholeClass($looks[$a]) !== null &&
                    Confusability::wholeClass($looks[$a]) === Confusability::wholeClass($looks[$b]);
                if (!$sameClass && $compare->compare($looks[$a], $looks[$b])->isLookAlike()) {
                    $groups[] = $this->group([$a, $b], $compare);
                }
            }
        }

        return $groups;
    }

    /**
     * Looks of one body that bands or codes may bring together.
     *
     * @param array<array-key, Look> $looks of one body
     * @return list<array{array-key, array-key}>
     */
    private function neighbours(array $looks): array
    {
        $bands = $alone = $small = [];
        foreach ($looks as $key => $look) {
            if ($look->bands !== []) {
                $bands[$key] = $look->bands;
            } elseif (Confusability::byCodeAlone($look)) {
                $alone[$key] = (string) $look->code;
            } elseif (($look->code ?? '') !== '') {
                $small[$key] = (string) $look->code;
            }
        }

        return [
            ...(new BandNeighbours())->pairs($bands),
            ...(new CodeNeighbours())->pairs($alone),
            ...(new CodeNeighbours())->pairs($small),
        ];
    }

    /** @param non-empty-list<array-key> $keys */
    private function group(array $keys, Confusability $compare): LookAlikeGroup
    {
        return new LookAlikeGroup(
            array_map(fn(int|string $key): array => $this->names[$key], $keys),
            $this->looks[$keys[0]]->kind,
            $compare->compare($this->looks[$keys[0]], $this->looks[$keys[1] ?? $keys[0]]),
        );
    }
}
