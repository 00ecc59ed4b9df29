<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Bom\Designators;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Part\KindRow;
use Chiralex\Part\LetterFamily;
use Chiralex\Part\Role;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Board against parts list, and what the board prints. */
final readonly class BoardMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $kit = $subject->kit;

        return [...$this->files($kit), ...$this->places($kit), ...$this->prefixes($kit->parts)];
    }

    /** @return list<Matter> what the placement file and the outlines leave open */
    private function files(Kit $kit): array
    {
        $matters = [];
        foreach ($kit->findings->strayPlacements as $name) {
            $matters[] = new Matter(
                MatterSeverity::Block,
                Station::Board,
                'board.stray-placement',
                ['designator' => $name],
                [$name],
            );
        }
        if (!$kit->findings->hasPlacements) {
            return [
                ...$matters,
                new Matter(
                    MatterSeverity::Note,
                    Station::Board,
                    $kit->nature->boardless ? 'board.none' : 'board.no-placements',
                ),
            ];
        }
        foreach ($kit->boards as $board) {
            if (!$board->outlineGiven) {
                $matters[] = new Matter(MatterSeverity::Warn, Station::Board, 'board.no-outline', [
                    'board' => $board->name,
                ]);
            }
        }

        return $matters;
    }

    /** @return list<Matter> */
    private function places(Kit $kit): array
    {
        $matters = [];
        foreach ($kit->parts as $part) {
            $code = $this->place($part, $kit);
            if ($code !== null) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Board,
                    $code,
                    ['designator' => $part->designator],
                    [$part->designator],
                );
            }
        }

        return $matters;
    }

    private function place(KitPart $part, Kit $kit): ?string
    {
        if ($part->place->placement !== null) {
            return $kit->printedAt($part) === 'nothing' ? 'board.unprinted' : null;
        }
        $expected =
            $kit->findings->hasPlacements &&
            $part->row->onBoard &&
            $part->supply->isOnBoard() &&
            $part->place->socket === null &&
            !$part->place->inCase &&
            Designators::isNamed($part->designator) &&
            $part->kind() !== Kind::Unknown;

        return $expected ? 'board.no-placement' : null;
    }

    /**
     * One printed prefix for different kinds leads builders astray.
     *
     * @param array<string, KitPart> $parts
     * @return list<Matter>
     */
    private function prefixes(array $parts): array
    {
        $kinds = $names = [];
        foreach ($parts as $part) {
            $family = self::family($part->row);
            if ($part->place->placement !== null) {
                $prefix = Designators::prefix($part->designator);
                $kinds[$prefix][$family] = true;
                $names[$prefix][] = $part->designator;
            }
        }
        $matters = [];
        foreach ($kinds as $prefix => $families) {
            if (count($families) > 1) {
                $words = array_map(strval(...), array_keys($families));
                sort($words);
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Board,
                    'board.prefix-kinds',
                    ['prefix' => (string) $prefix, 'kinds' => $words],
                    $names[$prefix],
                );
            }
        }

        return $matters;
    }

    /**
     * What a builder takes for one kind of thing: a lens is no glass diode, a thermistor no resistor, though they share letters; a chip
     * and a regulator are both U, a pot and a trimmer both RV. Common practice, no source.
     */
    private static function family(KindRow $row): string
    {
        $usual = match ($row->kind) {
            Kind::Regulator => Kind::Ic,
            Kind::Trimmer => Kind::Potentiometer,
            default => null,
        };
        if ($usual !== null) {
            return $usual->value;
        }

        return match ($row->name->letters) {
            LetterFamily::Capacitor, LetterFamily::Connector, LetterFamily::Switch => $row->name->letters->value,
            LetterFamily::Diode => $row->is(Role::Lens) ? $row->kind->value : $row->name->letters->value,
            LetterFamily::Silicon, LetterFamily::Resistor, LetterFamily::Battery, null => $row->kind->value,
        };
    }
}
