<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Bagging\Cutting\CutPieces;
use Chiralex\Bom\Designators;
use Chiralex\Kit\CutStock;
use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;
use Chiralex\Reason\Reason;

/**
 * Which pieces are wanted from which stock: strips by their positions, wires by their colour, the rest as the maker says.
 *
 * @phpstan-type Wish array{name: string, length: float, each: int, stock: ?string, fits: callable(CutStock): bool}
 */
final readonly class CutDemand
{
    /** Outlines of strips with one row, and their positions. */
    private const STRIP = '~^(?:header|strip)-1x(\d+)$~D';

    /**
     * @param list<list<CutPieces>> $pieces of one kit, by the place of their stock
     * @param list<Reason> $faults what cannot be cut as it is said
     * @param list<string> $unlisted strips and wires that no stock is named for
     */
    private function __construct(private array $pieces, public array $faults, public array $unlisted) {}

    public static function of(Kit $kit): self
    {
        $stocks = $kit->work->workshop->cutting->stocks;
        $wanted = array_fill(0, count($stocks), []);
        $faults = $unlisted = [];
        foreach ([...self::strips($kit), ...self::wires($kit), ...self::asked($kit)] as $wish) {
            $mine = array_filter($stocks, $wish['fits']);
            $long = array_filter($mine, static fn(CutStock $stock): bool => $wish['length'] <= $stock->length);
            if ($mine === [] && $wish['stock'] !== null) {
                $faults[] = new Reason('cut.no-stock', ['stock' => $wish['stock'], 'name' => $wish['name']]);
            } elseif ($mine === []) {
                $unlisted[] = $wish['name'];
            } elseif ($long === []) {
                $longest = max(array_map(static fn(CutStock $stock): float => $stock->length, $mine));
                $faults[] = new Reason('cut.too-long', [
                    'name' => $wish['name'],
                    'length' => $wish['length'],
                    'bar' => $longest,
                ]);
            } else {
                $wanted[array_key_first($long)][] = $wish;
            }
        }

        return new self(array_map(self::together(...), $wanted), $faults, $unlisted);
    }

    /** @return list<CutPieces> of so many kits, the longest first */
    public function pieces(int $stock, int $kits): array
    {
        return array_map(
            static fn(CutPieces $each): CutPieces => new CutPieces($each->of, $each->length, $each->count * $kits),
            $this->pieces[$stock] ?? [],
        );
    }

    /**
     * @param list<Wish> $wishes
     * @return list<CutPieces> those of one length together, the longest first
     */
    private static function together(array $wishes): array
    {
        $alike = [];
        foreach ($wishes as $wish) {
            $alike[(string) $wish['length']][] = $wish;
        }
        $pieces = array_map(
            static fn(array $same): CutPieces => new CutPieces(
                array_column($same, 'name'),
                $same[0]['length'],
                (int) array_sum(array_column($same, 'each')),
            ),
            array_values($alike),
        );
        usort($pieces, static fn(CutPieces $a, CutPieces $b): int => $b->length <=> $a->length);

        return $pieces;
    }

    /** @return list<Wish> */
    private static function strips(Kit $kit): array
    {
        $wishes = [];
        foreach ($kit->parts as $part) {
            $isStrip =
                $kit->holds($part) &&
                in_array($part->kind(), [Kind::PinHeader, Kind::SocketStrip], true) &&
                preg_match(self::STRIP, $part->shape->outline->name, $found) === 1;
            if ($isStrip) {
                $wishes[] = [
                    'name' => $part->designator,
                    'length' => (float) $found[1],
                    'each' => Designators::isNamed($part->designator) ? 1 : max(1, $part->line->quantity),
                    'stock' => null,
                    'fits' => static fn(CutStock $stock): bool => $stock->kind === $part->kind(),
                ];
            }
        }

        return $wishes;
    }

    /** @return list<Wish> */
    private static function wires(Kit $kit): array
    {
        $wishes = [];
        foreach ($kit->work->wires as $wire) {
            if ($wire->length !== null && $wire->length > 0.0) {
                $colour = mb_strtolower($wire->colour);
                $wishes[] = [
                    'name' => $wire->name,
                    'length' => $wire->length,
                    'each' => 1,
                    'stock' => null,
                    'fits' => static fn(CutStock $stock): bool => $stock->colour !== '' &&
                        mb_strtolower($stock->colour) === $colour,
                ];
            }
        }

        return $wishes;
    }

    /** @return list<Wish> */
    private static function asked(Kit $kit): array
    {
        $wishes = [];
        foreach ($kit->work->workshop->cutting->asked as $cut) {
            foreach ($cut->of as $name) {
                $wishes[] = [
                    'name' => $name,
                    'length' => $cut->length,
                    'each' => 1,
                    'stock' => $cut->stock,
                    'fits' => static fn(CutStock $stock): bool => $stock->name === $cut->stock,
                ];
            }
        }

        return $wishes;
    }
}
