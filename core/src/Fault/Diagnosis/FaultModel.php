<?php

declare(strict_types=1);

namespace Chiralex\Fault\Diagnosis;

/** All that a kit says of what may be wrong with it, and of what can be looked at. */
final readonly class FaultModel
{
    /** By these names the empty set, and a kit that is not finished, stand in reports and answers. */
    public const NO_FAULT = 'no fault';
    public const NOT_YET = 'normal at this stage';

    /**
     * @param list<Suspect> $suspects
     * @param list<Check> $checks
     * @param float $falseShare share of kits without a fault that are reported all the same
     */
    public function __construct(public array $suspects, public array $checks, public float $falseShare) {}

    public function check(string $name): ?Check
    {
        foreach ($this->checks as $check) {
            if ($check->name === $name) {
                return $check;
            }
        }

        return null;
    }

    /** @param list<string> $causes names of what was mended */
    public function without(array $causes): self
    {
        return new self(
            array_values(
                array_filter(
                    $this->suspects,
                    static fn(Suspect $suspect): bool => !in_array($suspect->name, $causes, true),
                ),
            ),
            $this->checks,
            $this->falseShare,
        );
    }

    public function suspect(string $name): ?Suspect
    {
        foreach ($this->suspects as $suspect) {
            if ($suspect->name === $name) {
                return $suspect;
            }
        }

        return null;
    }
}
