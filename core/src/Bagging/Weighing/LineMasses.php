<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Bagging\Internal\MassBook;
use Chiralex\Kit\Kit;

/** What the lines of a kit weigh, by their designators. */
final readonly class LineMasses
{
    private function __construct(private Kit $kit, private MassBook $book) {}

    public static function of(Kit $kit, Scale $scale): self
    {
        return new self($kit, MassBook::of($kit, $scale));
    }

    /** @return ?LineMass null where the line was weighed less than five times, or is none */
    public function at(string $designator): ?LineMass
    {
        $part = $this->kit->part($designator);

        return $part === null ? null : $this->book->atRow($part->line->row);
    }
}
