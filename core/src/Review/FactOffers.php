<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Kit\DrillFace;
use Chiralex\Kit\Hole;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\PowerIn;
use Chiralex\Kit\SaidVolts;
use Chiralex\Manual\DrillPlan;
use Chiralex\Part\Kind;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Facts of the kit that follow from its list, its places and its other facts, for the forms to offer where nothing is said. */
final readonly class FactOffers
{
    public function __construct(private Kit $kit) {}

    /** @return list<Offer> at most one of each fact */
    public function all(): array
    {
        return array_values(
            array_filter([
                $this->code(),
                $this->supply(),
                $this->sockets(),
                $this->subassemblies(),
                (new PanelOffer($this->kit))->offer(),
                $this->snapOffs(),
                $this->gate(),
                $this->holes(),
            ]),
        );
    }

    /** The first letters of its words, or of its only word. */
    private function code(): ?Offer
    {
        preg_match_all('~\p{L}+~u', $this->kit->head->name, $words);
        $letters = array_map(static fn(string $word): string => mb_strtoupper(mb_substr($word, 0, 1)), $words[0]);
        $code = implode('', count($letters) > 1 ? $letters : [mb_strtoupper(mb_substr($words[0][0] ?? '', 0, 2))]);

        return preg_match('~^[A-Z]{2,6}$~', $code) === 1
            ? new Offer('code', $code, new Reason('offer.code', ['name' => $this->kit->head->name]))
            : null;
    }

    /** The volts that stand in the words of what brings the power in, or the cells of its holder. */
    private function supply(): ?Offer
    {
        $batteries = array_filter($this->kit->parts, static fn(KitPart $part): bool => $part->kind() === Kind::Battery);
        foreach ([...array_map(strval(...), array_keys($batteries)), ...PowerIn::of($this->kit)->parts] as $name) {
            $part = $this->kit->part($name);
            $volts = $part === null ? null : SaidVolts::of($part);
            if ($part !== null && $volts !== null) {
                return new Offer(
                    'supply',
                    ['volts' => $volts],
                    new Reason('offer.supply', ['part' => $name, 'text' => SaidVolts::words($part)], Origin::PartsList),
                );
            }
        }

        return null;
    }

    private function sockets(): ?Offer
    {
        $pairs = [];
        foreach ($this->kit->parts as $name => $part) {
            if ($part->place->socket !== null) {
                $pairs[] = [$part->place->socket, (string) $name];
            }
        }

        return $pairs === []
            ? null
            : new Offer('groups.sockets', $pairs, new Reason('offer.sockets', [], Origin::PlacementFile));
    }

    /** A heat sink with the part that its row names, or with the only part that takes one. */
    private function subassemblies(): ?Offer
    {
        $groups = [];
        foreach ($this->kit->parts as $name => $part) {
            foreach ($part->kind() === Kind::HeatSink ? $part->namesInRow() : [] as $other) {
                if ($this->kit->part($other) !== null) {
                    $groups[] = [$other, (string) $name];
                }
            }
        }

        return $groups === []
            ? null
            : new Offer('groups.subassembly', $groups, new Reason('offer.subassembly', [], Origin::PartsList));
    }

    /** A joined board comes off before wires lead from it to another. */
    private function snapOffs(): ?Offer
    {
        $rows = [];
        foreach ($this->kit->boards as $board) {
            $before = [];
            foreach ($board->joined->to === null ? [] : $this->kit->work->wires as $wire) {
                $on = array_map(
                    fn($end): bool => $this->kit->part($end->part)?->place->placement?->board === $board->name,
                    $wire->ends(),
                );
                if ($on[0] !== $on[1]) {
                    $before[] = $wire->name;
                }
            }
            if ($board->joined->to !== null) {
                $rows[] = ['board' => $board->name, 'before' => $before];
            }
        }

        return $rows === [] ? null : new Offer('groups.snapOff', $rows, new Reason('offer.snap'));
    }

    /** The supply is tried before the ICs in sockets that it could harm. */
    private function gate(): ?Offer
    {
        $needs = PowerIn::of($this->kit)->parts;
        $protects = array_keys(
            array_filter($this->kit->parts, static fn(KitPart $part): bool => $part->place->socket !== null),
        );

        return $needs === [] || $protects === []
            ? null
            : new Offer(
                'gates',
                [['name' => 'supply', 'needs' => $needs, 'protects' => array_map(strval(...), $protects)]],
                new Reason('offer.gate', ['parts' => $needs], Origin::CommonPractice),
            );
    }

    /** The holes of a panel, where the parts stand that it is put over. */
    private function holes(): ?Offer
    {
        $faces = array_map(
            static fn(DrillFace $face): array => [
                'by' => $face->by,
                'size' => [round($face->width, 2), round($face->height, 2)],
                'holes' => array_map(
                    static fn(Hole $hole): array => [
                        'for' => $hole->for,
                        'at' => [round($hole->x, 2), round($hole->y, 2)],
                        ...$hole->diameter === null ? [] : ['diameter' => $hole->diameter],
                    ],
                    $face->holes,
                ),
            ],
            DrillPlan::of($this->kit),
        );

        return $faces === []
            ? null
            : new Offer('drilling', $faces, new Reason('offer.holes', [], Origin::PlacementFile));
    }
}
