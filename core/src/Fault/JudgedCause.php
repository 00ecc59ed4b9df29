<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** One thing that was wrong with a reported kit. */
final readonly class JudgedCause
{
    /** @param string $part designator of the kit, `step 4` for joints of a step; empty where it has no place */
    public function __construct(public Cause $cause, public string $part, public FaultOrigin $origin) {}

    /** As a diagnosis and `reports.csv` name it: `D1 reversed`, `R2 and R5 swapped`; of a cause without a place its own name. */
    public function name(): string
    {
        $what = str_replace('-', ' ', $this->cause->value);

        return match (true) {
            // What has no part of its own may stand at its own name: supply.
            $this->part === '' || $this->part === $what => $what,
            $this->cause === Cause::DryJoint, $this->cause === Cause::Bridge => "{$what} in {$this->part}",
            $this->cause === Cause::WrongHole => "{$this->part} in the neighbouring hole",
            $this->cause === Cause::EndStop => "{$this->part} at its end",
            $this->cause === Cause::WiresSwapped => "{$this->part} swapped",
            default => "{$this->part} {$what}",
        };
    }

    /**
     * Reads what `name()` writes, or the bare code of a cause.
     *
     * @return ?self null where it is neither
     */
    public static function read(string $text): ?self
    {
        $plain = trim($text);
        $bare = Cause::tryFrom(str_replace(' ', '-', mb_strtolower($plain)));
        if ($bare !== null) {
            return new self($bare, '', $bare->usualOrigin());
        }
        foreach (Cause::cases() as $cause) {
            $shape =
                '~^' .
                str_replace(
                    'PART',
                    '(.{1,40})',
                    preg_quote((new self($cause, 'PART', FaultOrigin::None))->name(), '~'),
                ) .
                '$~iu';
            if (preg_match($shape, $plain, $found) === 1) {
                // Wires are named W by the trade; what else is swapped is two parts.
                $is =
                    $cause === Cause::Swapped && preg_match('~^W\d~i', $found[1]) === 1 ? Cause::WiresSwapped : $cause;

                return new self($is, $found[1], $is->usualOrigin());
            }
        }

        return null;
    }
}
