<?php

declare(strict_types=1);

namespace ChiralexRender\Text;

use Chiralex\Fault\Cause;
use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\CheckKind;
use Chiralex\Fault\Diagnosis\Suspect;
use Chiralex\Kit\Kit;
use ChiralexRender\Words;

/** What a builder is asked to look at, and what is to be done when it was found. */
final readonly class CheckText
{
    /** @param array<array-key, list<string>> $chains part to those that are replaced with it where it was reversed */
    public function __construct(private Words $words, private Kit $kit, private array $chains = []) {}

    public function ask(Check $check): string
    {
        return $this->words->sentence("ask.{$check->kind->value}", [
            'step' => $check->step ?? '',
            'part' => $check->designators[0] ?? '',
            'parts' => implode(', ', $check->designators),
            'check' => $check->name,
            'expect' => $check->kind === CheckKind::Supply ? $this->volts() : '',
        ]);
    }

    /** @return ?array{low: ?float, high: ?float} what a meter shows when nothing is wrong, in the plain unit; null where nobody reads a number */
    public function pass(Check $check): ?array
    {
        return $check->pass === null
            ? null
            : [
                'low' => is_finite($check->pass['low']) ? $check->pass['low'] : null,
                'high' => is_finite($check->pass['high']) ? $check->pass['high'] : null,
            ];
    }

    /** What belongs together is replaced together, before the power comes back. */
    public function remedy(Suspect $cause): string
    {
        $part = implode(', ', $cause->designators);
        $together = $cause->class === Cause::Reversed ? $this->together($cause->designators[0] ?? '') : [];

        return $together === []
            ? $this->words->sentence("do.{$cause->class->value}", ['part' => $part])
            : $this->words->sentence('do.reversed-together', ['part' => $part, 'others' => implode(', ', $together)]);
    }

    /** @return list<string> */
    private function together(string $designator): array
    {
        return array_values(array_diff($this->chains[$designator] ?? [], [$designator]));
    }

    private function volts(): string
    {
        $power = $this->kit->nature->power;

        return $power === null
            ? $this->words->sentence('ask.expect-any')
            : $this->words->sentence('ask.expect-volts', [
                'volts' =>
                    $power->leastVolts === $power->mostVolts
                        ? (string) $power->leastVolts
                        : "{$power->leastVolts} – {$power->mostVolts}",
            ]);
    }
}
