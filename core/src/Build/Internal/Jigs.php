<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Panel;
use Chiralex\Part\Hold;
use Chiralex\Part\Role;

/**
 * The panels that serve as jig: those the maker names, and lids and panels with holes for parts that stand on a board, for the
 * hole sets their height and place. A part that goes through no hole or is joined to no board has no moves here.
 */
final readonly class Jigs
{
    /** @param list<Panel> $panels */
    private function __construct(public array $panels) {}

    public static function of(Kit $kit): self
    {
        $panels = [];
        foreach ($kit->work->groups->panels as $panel) {
            $parts = array_values(
                array_filter($panel->parts, static fn(string $name): bool => self::moves($kit->part($name))),
            );
            $panels[$panel->by] = new Panel($panel->by, $parts, $panel->plasticLast);
        }
        $known = array_merge(...array_column($kit->work->groups->panels, 'parts'), ...[[]]);
        foreach ($kit->work->workshop->drilling as $face) {
            $parts = [];
            foreach ($face->holes as $hole) {
                if (!in_array($hole->for, $known, true) && self::isSetByHole($kit->part($hole->for))) {
                    $parts[] = $hole->for;
                }
            }
            if ($parts !== [] && $kit->part($face->by)?->supply->isBuilt() === true) {
                $panel = $panels[$face->by] ?? new Panel($face->by, [], []);
                $panels[$face->by] = new Panel($face->by, [...$panel->parts, ...$parts], $panel->plasticLast);
                $known = [...$known, ...$parts];
            }
        }

        return new self(array_values(array_filter($panels, static fn(Panel $panel): bool => $panel->parts !== [])));
    }

    /** @return list<string> all parts behind panels */
    public function parts(): array
    {
        return array_merge(...array_column($this->panels, 'parts'), ...[[]]);
    }

    /** @return list<string> what serves as jig */
    public function names(): array
    {
        return array_column($this->panels, 'by');
    }

    /** @return list<string> parts that their nut holds and no board */
    public function inCase(Kit $kit): array
    {
        return array_values(
            array_filter($this->parts(), static fn(string $name): bool => $kit->part($name)?->place->inCase === true),
        );
    }

    /** Soldered to a board, or held in the panel by its nut. */
    private static function moves(?KitPart $part): bool
    {
        return $part !== null && ($part->isSoldered() || ($part->place->inCase && $part->row->is(Role::Nutted)));
    }

    /** A button that locks into the board stands where the board says; its plunger goes through the hole afterwards. */
    private static function isSetByHole(?KitPart $part): bool
    {
        return $part !== null &&
            $part->isSoldered() &&
            $part->place->placement !== null &&
            $part->row->use->hole !== null &&
            $part->row->body->hangsAs !== Hold::OwnLock;
    }
}
