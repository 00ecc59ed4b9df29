<?php

declare(strict_types=1);

namespace Chiralex\Board\Net;

/** The nets of a kit's boards, by name. */
final readonly class Nets
{
    /** What means that a pin is joined to nothing. */
    private const NONE = ['N/C', 'NC', 'NO_NET', ''];

    /**
     * @param list<Net> $all in the order of their names
     * @param array<array-key, array<array-key, string>> $of part to pin to the name of its net
     * @param array<array-key, Net> $byName
     */
    private function __construct(public array $all, private array $of, private array $byName = []) {}

    /** @param list<array{string, string}> $joined pin and net, in any order; what is said twice counts once */
    public static function of(array $joined): self
    {
        $pins = $of = [];
        foreach ($joined as [$pin, $net]) {
            if (!in_array(strtoupper($net), self::NONE, true)) {
                $pins[$net][$pin] = true;
                $dot = (int) strrpos($pin, '.');
                $of[substr($pin, 0, $dot)][substr($pin, $dot + 1)] ??= $net;
            }
        }
        ksort($pins, SORT_STRING);
        $all = [];
        foreach ($pins as $net => $each) {
            $names = array_map(strval(...), array_keys($each));
            sort($names, SORT_NATURAL);
            $all[] = new Net((string) $net, $names);
        }

        return new self($all, $of, array_combine(array_map(static fn(Net $net): string => $net->name, $all), $all));
    }

    /** The net of a pin, null where it is joined to nothing. */
    public function at(string $part, string $pin): ?string
    {
        return $this->of[$part][$pin] ?? null;
    }

    /** @return array<array-key, string> pin to net, of one part */
    public function ofPart(string $part): array
    {
        return $this->of[$part] ?? [];
    }

    /** @return list<string> every part that a net names, in natural order */
    public function parts(): array
    {
        $parts = array_map(strval(...), array_keys($this->of));
        sort($parts, SORT_NATURAL);

        return $parts;
    }

    /** @return list<string> pins on a net; empty for one that is not there */
    public function pins(string $name): array
    {
        return $this->byName[$name]->pins ?? [];
    }

    /** @return list<string> parts on a net, each once, in the order of its pins */
    public function partsOn(string $name): array
    {
        $parts = array_map(
            static fn(string $pin): string => substr($pin, 0, (int) strrpos($pin, '.')),
            $this->pins($name),
        );

        return array_values(array_unique($parts));
    }

    /** A net that power comes over, by its name; common practice. */
    public static function isSupply(string $net): bool
    {
        return preg_match(
            '~^(?:[+-]?\d+(?:[.,]\d+)?V\d*|V(?:CC|DD|EE|BAT|IN|SUP\w*)|\+?(?:BATT?|VIN)[+]?|V[+-]|\+.*)$~i',
            $net,
        ) === 1;
    }

    public static function isGround(string $net): bool
    {
        return preg_match('~^(?:[AD]?GND\w*|0V|VSS|MASSE|COM(?:MON)?|EARTH)$~i', $net) === 1;
    }
}
