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
        [$was, $is] = [self::named($before), self::named($after)];
        $gone = array_diff_key($was, $is);
        $new = array_diff_key($is, $was);
        $found = $this->unnamed($before, $after);
        foreach ($gone as $name => $part) {
            foreach ($new as $other => $candidate) {
                if ($this->samePart($part, $candidate) && $this->samePlace($part, $candidate)) {
                    $found[] = new PartDifference(
                        Change::Renumbered,
                        (string) $other,
                        (string) $name,
                        $part,
                        $candidate,
                        [],
                    );
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
        foreach (array_intersect_key($was, $is) as $name => $part) {
            $fields = $this->fields($part, $is[$name]);
            if ($fields !== []) {
                $found[] = new PartDifference(
                    array_intersect($fields, self::IDENTITY) === [] ? Change::Changed : Change::Substituted,
                    (string) $name,
                    (string) $name,
                    $part,
                    $is[$name],
                    $fields,
                );
            }
        }
        usort(
            $found,
            static fn(PartDifference $a, PartDifference $b): int => Designators::compare(
                $a->designator,
                $b->designator,
            ),
        );

        return $found;
    }

    /**
     * Rows without designators are known by what they are, for their row numbers shift with every row put in before them.
     *
     * @return list<PartDifference>
     */
    private function unnamed(Kit $before, Kit $after): array
    {
        [$was, $is] = [self::rows($before), self::rows($after)];
        $found = [];
        foreach ($was + $is as $key => $row) {
            [$old, $new] = [$was[$key] ?? null, $is[$key] ?? null];
            if ($old === null || $new === null) {
                $found[] = new PartDifference(
                    $old === null ? Change::Added : Change::Removed,
                    $row->designator,
                    $old->designator ?? '',
                    $old,
                    $new,
                    [],
                );
            } elseif ($old->line->quantity !== $new->line->quantity || $old->line->length !== $new->line->length) {
                $found[] = new PartDifference(Change::Changed, $new->designator, $old->designator, $old, $new, [
                    'quantity',
                ]);
            }
        }

        return $found;
    }

    /** @return array<string, KitPart> rows without designators, by what they are */
    private static function rows(Kit $kit): array
    {
        $rows = [];
        foreach (array_diff_key($kit->parts, self::named($kit)) as $part) {
            $rows[
                implode('|', [
                    $part->kind()->value,
                    $part->valueKey(),
                    mb_strtolower($part->line->cells->package),
                    mb_strtolower($part->line->cells->description),
                ])
            ] = $part;
        }

        return $rows;
    }

    /** @return array<string, KitPart> */
    private static function named(Kit $kit): array
    {
        return array_filter($kit->parts, static fn(KitPart $part): bool => Designators::isNamed($part->designator));
    }

    /** @return list<string> */
    private function fields(KitPart $a, KitPart $b): array
    {
        $differ = [
            'kind' => $a->kind() !== $b->kind(),
            'value' => $a->valueKey() !== $b->valueKey() || self::tolerance($a) !== self::tolerance($b),
            'outline' => $a->shape->outline->name !== $b->shape->outline->name,
            'height' => abs($a->shape->height - $b->shape->height) > 1e-6,
            'supply' => $a->supply !== $b->supply,
            'place' => !$this->samePlace($a, $b),
            'legend' => $a->notes->legend !== $b->notes->legend,
            'mark' =>
                $a->direction->polarised !== $b->direction->polarised ||
                serialize($a->direction->polarity) !== serialize($b->direction->polarity),
        ];

        return array_keys(array_filter($differ));
    }

    private static function tolerance(KitPart $part): string
    {
        return $part->tolerance() ?? '';
    }

    private function samePart(KitPart $a, KitPart $b): bool
    {
        return $a->kind() === $b->kind() &&
            $a->valueKey() === $b->valueKey() &&
            $a->shape->outline->name === $b->shape->outline->name;
    }

    private function samePlace(KitPart $a, KitPart $b): bool
    {
        [$p, $q] = [$a->place->placement, $b->place->placement];
        if ($p === null || $q === null) {
            return $p === $q;
        }

        return $p->board === $q->board &&
            $p->side === $q->side &&
            hypot($p->at->x - $q->at->x, $p->at->y - $q->at->y) <= self::SAME_PLACE &&
            abs(fmod($p->rotation - $q->rotation + 540.0, 360.0) - 180.0) < 0.01;
    }
}
