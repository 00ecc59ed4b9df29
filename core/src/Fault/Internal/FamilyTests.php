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

    /** @var array<string, array<array-key, int>> family to value to the kits that have it */
    private array $having;
    /** @var array<string, array<array-key, int>> the same of those that were reported */
    private array $hits;

    /**
     * @param array<array-key, ShippedKit> $kits those that count, by serial
     * @param array<array-key, true> $reported serials of them
     */
    public function __construct(private array $kits, private array $reported)
    {
        $this->having = self::counted($kits);
        $this->hits = self::counted(array_intersect_key($kits, $reported));
    }

    /** @return array<string, list<FamilyRow>> every family, adjusted over all of them together */
    public function families(): array
    {
        $families = [];
        foreach ($this->having as $family => $values) {
            $families[$family] = [];
            foreach ($values as $value => $kits) {
                $families[$family][] = $this->row(
                    (string) $value,
                    $kits,
                    $this->hits[$family][$value] ?? 0,
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
        $lots = $this->having[Family::Lot->value];
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
     * One pass over the kits for all families: a shop has tens of thousands.
     *
     * @param array<array-key, ShippedKit> $kits
     * @return array<string, array<array-key, int>> family to value to how many have it; kits of which it is not known are in none
     */
    private static function counted(array $kits): array
    {
        $revisions = $lots = $runs = $options = [];
        foreach ($kits as $kit) {
            $revisions[$kit->revision] = ($revisions[$kit->revision] ?? 0) + 1;
            $runs[$kit->run] = ($runs[$kit->run] ?? 0) + 1;
            $options[$kit->option] = ($options[$kit->option] ?? 0) + 1;
            foreach ($kit->lots as $lot) {
                $lots[$lot] = ($lots[$lot] ?? 0) + 1;
            }
        }
        unset($revisions[''], $runs[''], $options['']);

        return [
            Family::Revision->value => $revisions,
            Family::Lot->value => $lots,
            Family::Run->value => $runs,
            Family::Option->value => $options,
        ];
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
