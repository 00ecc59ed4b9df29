<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Chiralex\Bom\Designators;
use Chiralex\Bom\Line;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Supply\Data\LossTable;

/** The lines of a kit that are packed, as they are bought: pieces, or millimetres where the list gives a length. */
final readonly class KitLines
{
    /** Kits that the usual loss is worth when reports teach. */
    private const WORTH = 200;

    /** @param array<int, non-empty-list<KitPart>> $lines row of the parts list to its parts */
    private function __construct(private Kit $kit, public array $lines) {}

    public static function of(Kit $kit): self
    {
        $lines = [];
        foreach ($kit->parts as $part) {
            if ($kit->holds($part)) {
                $lines[$part->line->row][] = $part;
            }
        }
        ksort($lines);

        return new self($kit, $lines);
    }

    /** @return array<string, int> names that a file may call a line by, in small letters, to its row; of equal values the first */
    public function names(): array
    {
        $names = [];
        foreach ($this->lines as $row => $parts) {
            foreach ($parts as $part) {
                $names[mb_strtolower($part->designator)] = $row;
            }
        }
        foreach ($this->lines as $row => $parts) {
            foreach ($parts[0]->line->names() as $name) {
                $names[mb_strtolower($name)] ??= $row;
            }
        }

        return $names;
    }

    /** Pieces of one kit, millimetres where it is a length. */
    public function pieces(int $row): int
    {
        $line = $this->lines[$row][0]->line;

        return match (true) {
            $line->length !== null => (int) ceil($line->length),
            Designators::isNamed($this->lines[$row][0]->designator) => count($this->lines[$row]),
            default => max(1, $line->quantity),
        };
    }

    /** @return non-empty-list<string> */
    public function designators(int $row): array
    {
        $names = array_map(static fn(KitPart $part): string => $part->designator, $this->lines[$row]);
        usort($names, Designators::compare(...));

        return $names;
    }

    /** By which people call it. */
    public function title(int $row): string
    {
        $line = $this->line($row);

        return $line->cells->value !== '' ? $line->cells->value : $this->designators($row)[0];
    }

    /**
     * What is needed for some kits.
     *
     * @param array<int, list<Tariff>> $tariffs by row
     * @param array<int, BigDecimal> $shelf by row, on hand
     * @param array<int, int> $spares by row, of one kit
     * @return list<Demand>
     */
    public function demands(int $kits, array $tariffs, array $shelf, array $spares): array
    {
        $demands = [];
        foreach (array_keys($this->lines) as $row) {
            $wanted = $kits * ($this->pieces($row) + ($spares[$row] ?? 0));
            $left = BigDecimal::of($wanted)->minus($shelf[$row] ?? 0);
            $demands[] = new Demand(
                $this->designators($row),
                $this->title($row),
                max(0, $left->toScale(0, RoundingMode::UP)->toInt()),
                $tariffs[$row] ?? [],
            );
        }

        return $demands;
    }

    /**
     * @param array<int, list<Tariff>> $tariffs by row
     * @param array<array-key, int> $lost designator to kits in which it was missing or faulty
     * @param int $shipped kits that left the shop
     * @return list<SpareLine> a line that is cut by the length has none
     */
    public function spareLines(Market $market, array $tariffs, array $lost, int $shipped): array
    {
        $lines = [];
        foreach (array_keys($this->lines) as $row) {
            if ($this->line($row)->length === null) {
                $lines[] = new SpareLine(
                    $row,
                    $this->designators($row),
                    $this->pieces($row),
                    $this->loss($row, $lost, $shipped),
                    self::unitCost($market, $tariffs[$row] ?? []) ?? BigDecimal::of('0.01'),
                );
            }
        }

        return $lines;
    }

    /**
     * The cheapest price at its lowest break, in the shop's currency, not rounded.
     *
     * @param list<Tariff> $tariffs
     */
    public static function unitCost(Market $market, array $tariffs): ?BigDecimal
    {
        $least = null;
        foreach ($tariffs as $tariff) {
            $price = $tariff->first()->multipliedBy($market->rates[$tariff->supplier]->value);
            $least = $least === null || $price->isLessThan($least) ? $price : $least;
        }

        return $least;
    }

    /**
     * As the maker says, else the kind's own, taught by reports: p = (200 p0 + x) / (200 + n) over the pieces that left the shop.
     *
     * @param array<array-key, int> $lost
     */
    private function loss(int $row, array $lost, int $shipped): float
    {
        $said = null;
        $kits = 0;
        foreach ($this->designators($row) as $name) {
            $said ??= $this->kit->logs->losses[$name] ?? null;
            $kits += $lost[$name] ?? 0;
        }
        if ($said !== null) {
            return $said;
        }
        $usual = LossTable::of($this->lines[$row][0]->kind());

        return $shipped === 0
            ? $usual
            : min(0.999, (self::WORTH * $usual + $kits) / (self::WORTH + $shipped * $this->pieces($row)));
    }

    private function line(int $row): Line
    {
        return $this->lines[$row][0]->line;
    }
}
