<?php

declare(strict_types=1);

namespace Chiralex\Supply\Buying;

/** Pieces that are needed of one line. */
final readonly class Demand
{
    /**
     * @param non-empty-list<string> $designators
     * @param string $part by which people call it: its value, else its first designator
     * @param int $needed pieces; millimetres where it is bought by the length
     * @param list<Tariff> $tariffs one a supplier
     */
    public function __construct(
        public array $designators,
        public string $part,
        public int $needed,
        public array $tariffs,
    ) {}

    public function tariff(int $supplier): ?Tariff
    {
        foreach ($this->tariffs as $tariff) {
            if ($tariff->supplier === $supplier) {
                return $tariff;
            }
        }

        return null;
    }
}
