<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Bom\Designators;

/** Compares the parts of two revisions of a kit. */
final readonly class RevisionDifference
{
    /** Two placements closer than this are one place, millimetres. */
    private const SAME_PLACE = 0.5;
    /** Fields that make another part of it. */
    private const IDENTITY = ['kind', 'value', 'outline'];

    /** @return list<PartDifference> in designator order */
    public function between(Kit $before, Kit $after): array
    {
        $gone = array_diff_key($before->parts, $after->parts);
        $new = array_diff_key($after->parts, $before->parts);
        $found = [];
        foreach ($gone as $name => $part) {
            foreach ($new as $other => $candidate) {
                if ($this->samePart($part, $candidate) && $this->samePlace($part, $candidate)) {
                    $found[] = new PartDifference(Change::Renumbered, (string) $other, (string) $name, $part, $candidate, []);
                    unset($gone[$name], $new[$other]);
                    break;
                }
            }
        }
        foreach ($gone as $name => $part) {
            $found[] = new PartDifference(Change::Removed, (string) $name, (string) $name, $part, null, []);
        }
        foreach ($new as $name => $part) {
            $found[] = new PartDifference(Change::Added, (string) $name, '', null, $part, []);
        }
        foreach (array_intersect_key($before->parts, $after->parts) as $name => $part) {
            $fields = $this->fields($part, $after->parts[$name]);
            if ($fields !== []) {
                $found[] = new PartDifference(array_intersect($fields, self::IDENTITY) === [] ? Change::Changed : Change::Substituted, (string) $name, (string) $name, $part, $after->parts[$name], $fields);
            }
        }
        usort($found, static fn(PartDifference $a, PartDifference $b): int => Designators::compare($a->designator, $b->designator));

        return $found;
    }

    /** @return list<string> */
    private function fields(KitPart $a, KitPart $b): array
    {
        $differ = [
            'kind' => $a->kind() !== $b->kind(),
            'value' => $a->valueKey() !== $b->valueKey() || self::tolerance($a) !== self::tolerance($b),
            'outline' => $a->outline->name !== $b->outline->name,
            'height' => abs($a->height - $b->height) > 1e-6,
            'supply' => $a->supply !== $b->supply,
            'place' => !$this->samePlace($a, $b),
            'legend' => $a->legend !== $b->legend,
            'mark' => $a->polarised !== $b->polarised || serialize($a->polarity) !== serialize($b->polarity),
        ];

        return array_keys(array_filter($differ));
    }

    private static function tolerance(KitPart $part): string
    {
        return $part->recognition->value->tolerance ?? trim($part->line->tolerance, " %\u{00B1}");
    }

    private function samePart(KitPart $a, KitPart $b): bool
    {
        return $a->kind() === $b->kind() && $a->valueKey() === $b->valueKey() && $a->outline->name === $b->outline->name;
    }

    private function samePlace(KitPart $a, KitPart $b): bool
    {
        [$p, $q] = [$a->placement, $b->placement];
        if ($p === null || $q === null) {
            return $p === $q;
        }

        return $p->board === $q->board && $p->side === $q->side && hypot($p->at->x - $q->at->x, $p->at->y - $q->at->y) <= self::SAME_PLACE && abs(fmod($p->rotation - $q->rotation + 540.0, 360.0) - 180.0) < 0.01;
    }
}
