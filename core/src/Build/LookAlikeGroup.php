<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Marking\Confusion;
use Chiralex\Part\Kind;

/** Two or more looks, each of which a builder may take for each of the others. */
final readonly class LookAlikeGroup
{
    /** @param non-empty-list<non-empty-list<string>> $looks the designators of each look */
    public function __construct(public array $looks, public Kind $kind, public Confusion $confusion) {}

    /** @return non-empty-list<string> designators of all looks */
    public function designators(): array
    {
        return array_merge(...$this->looks);
    }

    /** How many pairs of looks there are. */
    public function pairs(): int
    {
        return intdiv(count($this->looks) * (count($this->looks) - 1), 2);
    }

    /**
     * @param int $most pairs
     * @return list<self> each two looks as a group of their own
     */
    public function split(int $most): array
    {
        $pairs = [];
        foreach ($this->looks as $index => $these) {
            foreach (array_slice($this->looks, $index + 1, $most - count($pairs)) as $those) {
                $pairs[] = new self([$these, $those], $this->kind, $this->confusion);
            }
        }

        return $pairs;
    }
}
