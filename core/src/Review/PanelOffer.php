<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bom\Designators;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Which parts stand in the holes of a panel: those that holes are drilled for, else those that a nut holds or that reach over the edge. */
final readonly class PanelOffer
{
    private const PANELS = [Kind::Panel, Kind::Enclosure];
    /** Kinds whose opening or lever goes through a wall where their body reaches the edge of the board; common practice, no source. */
    private const THROUGH_WALL = [Kind::Jack, Kind::BarrelJack, Kind::Connector, Kind::Switch, Kind::Button];

    public function __construct(private Kit $kit) {}

    public function offer(): ?Offer
    {
        $drilled = $this->drilled();
        if ($drilled !== []) {
            return new Offer('groups.panels', $drilled, new Reason('offer.panels-drilled', [], Origin::KitFile));
        }
        $panels = $this->named(
            static fn(KitPart $part): bool => in_array($part->kind(), self::PANELS, true) &&
                Designators::isNamed($part->designator),
        );
        $nutted = $this->named(static fn(KitPart $part): bool => $part->row->is(Role::Nutted) && $part->isSoldered());
        $over = array_values(array_diff($this->named($this->reachesOver(...)), $nutted));
        if (count($panels) !== 1 || [...$nutted, ...$over] === []) {
            return null;
        }

        return new Offer(
            'groups.panels',
            [['by' => $panels[0], 'parts' => [...$nutted, ...$over]]],
            match (true) {
                $over === [] => new Reason('offer.panels', ['panel' => $panels[0]], Origin::TypicalForKind),
                $nutted === [] => new Reason('offer.panels-edge', ['panel' => $panels[0]], Origin::PlacementFile),
                default => new Reason('offer.panels-both', ['panel' => $panels[0]], Origin::PlacementFile),
            },
        );
    }

    /** @return list<array{by: string, parts: list<string>}> a panel once, with the soldered parts that its holes are for */
    private function drilled(): array
    {
        $parts = [];
        foreach ($this->kit->work->workshop->drilling as $face) {
            foreach ($face->holes as $hole) {
                if ($this->kit->part($hole->for)?->isSoldered() === true) {
                    $parts[$face->by][$hole->for] = $hole->for;
                }
            }
        }

        return array_map(
            static fn(int|string $by, array $names): array => ['by' => (string) $by, 'parts' => array_values($names)],
            array_keys($parts),
            $parts,
        );
    }

    /** A corner of its body lies over the edge of its board, or on it. */
    private function reachesOver(KitPart $part): bool
    {
        $body = $part->place->body;
        $outline = $body === null ? null : $this->kit->board($body->face->board)?->outline;
        if (
            $body === null ||
            $outline === null ||
            count($outline->corners) < 3 ||
            !$part->isSoldered() ||
            !in_array($part->kind(), self::THROUGH_WALL, true)
        ) {
            return false;
        }
        foreach ($body->footprint()->corners as $corner) {
            if (!$outline->contains($corner)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param callable(KitPart): bool $fits
     * @return list<string>
     */
    private function named(callable $fits): array
    {
        return array_map(strval(...), array_keys(array_filter($this->kit->parts, $fits)));
    }
}
