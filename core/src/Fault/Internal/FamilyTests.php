<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Family;
use Chiralex\Fault\FamilyRow;
use Chiralex\Fault\ShippedKit;
use Chiralex\Statistics\BenjaminiHochberg;
use Chiralex\Statistics\Fisher;

/** Compares the kits of each value with all others. */
final readonly class FamilyTests
{
    /** Reported kits below which nothing is tested. */
    private const LEAST = 3;

    /**
     * @param array<array-key, ShippedKit> $kits those that count, by serial
     * @param array<array-key, true> $reported serials of them
     */
    public function __construct(private array $kits, private array $reported) {}

    /** @return array<string, list<FamilyRow>> every family, adjusted over all of them together */
    public function families(): array
    {
        $families = [];
        foreach (Family::cases() as $family) {
            $all = self::counted($this->kits, $family);
            $hits = self::counted(array_intersect_key($this->kits, $this->reported), $family);
            $families[$family->value] = [];
            foreach ($all as $value => $kits) {
                $families[$family->value][] = $this->row(
                    (string) $value,
                    $kits,
                    $hits[$value] ?? 0,
                    count($this->reported),
                );
            }
        }

        return self::adjusted($families);
    }

    /**
     * Kits of a lot with a cause, against all other kits; adjusted by themselves.
     *
     * @param array<array-key, array<array-key, true>> $causes cause to the serials that had it
     * @return list<FamilyRow>
     */
    public function causes(array $causes): array
    {
        $lots = self::counted($this->kits, Family::Lot);
        $rows = [];
        foreach ($causes as $cause => $serials) {
            $hits = [];
            foreach ($serials as $serial => $true) {
                foreach ($this->kits[$serial]->lots ?? [] as $lot) {
                    $hits[$lot] = ($hits[$lot] ?? 0) + 1;
                }
            }
            foreach ($hits as $lot => $inside) {
                $rows[] = $this->row("{$cause} in {$lot}", $lots[$lot] ?? 0, $inside, count($serials));
            }
        }

        return self::adjusted(['cause' => $rows])['cause'];
    }

    /**
     * @param array<array-key, ShippedKit> $kits
     * @return array<array-key, int> value to how many have it
     */
    private static function counted(array $kits, Family $family): array
    {
        $counts = [];
        foreach ($kits as $kit) {
            foreach ($family->of($kit) as $value) {
                $counts[$value] = ($counts[$value] ?? 0) + 1;
            }
        }

        return $counts;
    }

    private function row(string $value, int $kits, int $inside, int $hits): FamilyRow
    {
        return new FamilyRow(
            $value,
            $kits,
            $inside,
            $inside < self::LEAST ? null : Fisher::atLeast($inside, $kits, $hits, count($this->kits)),
        );
    }

    /**
     * @template K of string
     * @param array<K, list<FamilyRow>> $families
     * @return array<K, list<FamilyRow>>
     */
    private static function adjusted(array $families): array
    {
        $chances = [];
        foreach ($families as $name => $rows) {
            foreach ($rows as $index => $row) {
                if ($row->p !== null) {
                    $chances["{$name} {$index}"] = $row->p;
                }
            }
        }
        $adjusted = BenjaminiHochberg::adjusted($chances);
        $told = [];
        foreach ($families as $name => $rows) {
            foreach ($rows as $index => $row) {
                $rows[$index] = isset($adjusted["{$name} {$index}"])
                    ? $row->adjusted($adjusted["{$name} {$index}"])
                    : $row;
            }
            usort(
                $rows,
                static fn(FamilyRow $a, FamilyRow $b): int => $b->kits <=> $a->kits ?: strnatcmp($a->value, $b->value),
            );
            $told[$name] = $rows;
        }

        return $told;
    }
}
