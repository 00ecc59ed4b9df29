<?php

declare(strict_types=1);

namespace Chiralex\Safety;

use Chiralex\Kit\Alloy;
use Chiralex\Kit\Hazard;
use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** The usual cautions of a kit and of each piece of its work, where they apply; common practice, deferring to local rules and licensed practice. */
final readonly class Cautions
{
    /** At these hazards local rules and licensed practice have the last word. */
    private const DEFERS = [Hazard::Mains, Hazard::HighVoltage, Hazard::Radio, Hazard::Laser];

    /**
     * @param array<string, true> $hazards those that apply
     * @param list<StoredCharge> $charges that hurt
     */
    private function __construct(private Kit $kit, private array $hazards, private array $charges) {}

    public static function for(Kit $kit): self
    {
        return new self(
            $kit,
            array_fill_keys(
                array_map(static fn(Hazard $hazard): string => $hazard->value, Hazards::applying($kit)),
                true,
            ),
            array_values(
                array_filter(StoredCharges::of($kit), static fn(StoredCharge $charge): bool => $charge->isHazard()),
            ),
        );
    }

    /**
     * What stands in front of the manual: iron, lead, eyes, and every hazard of the kit.
     *
     * @return list<Reason>
     */
    public function ofKit(): array
    {
        $hazards = array_filter(Hazard::cases(), fn(Hazard $hazard): bool => $this->has($hazard));
        $defers = array_filter($hazards, static fn(Hazard $hazard): bool => in_array($hazard, self::DEFERS, true));

        return [
            ...self::reasons([
                ...$this->iron(),
                ...array_map(static fn(Hazard $hazard): string => $hazard->caution(), $hazards),
                ...$defers === [] ? [] : ['caution.defers'],
            ]),
            ...$this->charges(),
        ];
    }

    /**
     * @param Work $work what is done
     * @param list<string> $designators what it is done with
     * @param bool $powered the kit has been under power before: its capacitors may be full
     * @return list<Reason>
     */
    public function of(Work $work, array $designators, bool $powered = false): array
    {
        $codes = match ($work) {
            Work::Soldering => [...$this->iron(), ...$powered ? $this->full() : []],
            Work::Power => [
                ...$this->power(),
                ...$this->venting(),
                ...$this->when(Hazard::Hot, 'caution.hot'),
                ...$this->when(Hazard::Laser, 'caution.light'),
                ...$this->when(Hazard::BrightLight, 'caution.light'),
                ...$this->when(Hazard::StrongField, 'caution.field'),
            ],
            Work::Curing => ['caution.glue'],
            Work::Breaking => ['caution.dust'],
            Work::Battery => ['caution.battery', ...$this->when(Hazard::CoinCell, 'caution.coin-cell')],
            Work::Other => $powered ? $this->full() : [],
        };
        $kinds = array_map(fn(string $name): ?Kind => $this->kit->part($name)?->kind(), $designators);
        $codes = in_array(Kind::Transformer, $kinds, true) ? [...$codes, ...$this->live()] : $codes;
        $codes =
            array_intersect(
                [Kind::Enclosure->value, Kind::Panel->value],
                array_map(static fn(?Kind $kind): string => $kind === null ? '' : $kind->value, $kinds),
            ) !== []
                ? [...$codes, ...$this->when(Hazard::Drilling, 'caution.drilling')]
                : $codes;

        return [...self::reasons($codes), ...in_array('caution.charge', $codes, true) ? $this->charges() : []];
    }

    private function has(Hazard $hazard): bool
    {
        return isset($this->hazards[$hazard->value]);
    }

    /** @return list<string> */
    private function when(Hazard $hazard, string $code): array
    {
        return $this->has($hazard) ? [$code] : [];
    }

    /** @return list<string> */
    private function iron(): array
    {
        return [
            'caution.iron',
            ...$this->kit->choices->settings->bench->alloy === Alloy::Leaded ? ['caution.lead'] : [],
            'caution.eyes',
        ];
    }

    /** @return list<string> */
    private function power(): array
    {
        return ['caution.power', ...$this->live()];
    }

    /** @return list<string> what can kill */
    private function live(): array
    {
        return [
            ...$this->when(Hazard::Mains, 'caution.mains'),
            ...$this->when(Hazard::HighVoltage, 'caution.mains'),
            ...$this->full(),
        ];
    }

    /** @return list<string> */
    private function full(): array
    {
        return $this->when(Hazard::StoredCharge, 'caution.charge');
    }

    /** @return list<string> a reversed electrolytic or tantalum vents at first power */
    private function venting(): array
    {
        foreach ($this->kit->parts as $part) {
            if (
                $part->row->is(Role::PolarCapacitor) &&
                $part->direction->polarised &&
                $part->supply->isOnBoard() &&
                Venting::bursts($this->kit, $part)
            ) {
                return ['caution.vent'];
            }
        }

        return [];
    }

    /**
     * How long to wait, or what to discharge it with, for each capacitor that hurts; one that is just at the limit has the general caution.
     *
     * @return list<Reason>
     */
    private function charges(): array
    {
        $reasons = [];
        foreach ($this->charges as $charge) {
            $seconds = $charge->seconds();
            $needed = $charge->neededOhms();
            $args = [
                'designator' => $charge->designator,
                'volts' => round($charge->volts, 1),
                'joules' => (float) sprintf('%.3g', $charge->joules()),
            ];
            if ($seconds !== null) {
                $reasons[] = new Reason(
                    'caution.charge-wait',
                    $args + ['bleeder' => (string) $charge->bleeder, 'seconds' => (int) ceil($seconds)],
                    $charge->origin,
                );
            } elseif ($needed !== null) {
                $reasons[] = new Reason(
                    'caution.charge-tool',
                    $args + ['ohms' => self::tool($needed)],
                    $charge->origin,
                );
            }
        }

        return $reasons;
    }

    /** Ohms of a discharge tool that empties it in time, one figure, rounded down. */
    private static function tool(float $needed): int
    {
        $ohms = max(1.0, $needed);
        $step = 10 ** (int) floor(log10($ohms));

        return (int) (floor($ohms / $step) * $step);
    }

    /**
     * @param list<string> $codes
     * @return list<Reason>
     */
    private static function reasons(array $codes): array
    {
        return array_map(
            static fn(string $code): Reason => new Reason($code, [], Origin::CommonPractice),
            array_values(array_unique($codes)),
        );
    }
}
