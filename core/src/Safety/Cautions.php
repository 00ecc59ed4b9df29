<?php

declare(strict_types=1);

namespace Chiralex\Safety;

use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** The usual cautions of a piece of work, at the place where they apply; common practice, deferring to local rules and licensed practice. */
final readonly class Cautions
{
    /**
     * @param Work $work what is done
     * @param list<string> $designators what it is done with
     * @return list<Reason>
     */
    public function of(Kit $kit, Work $work, array $designators): array
    {
        $codes = match ($work) {
            Work::Soldering => ['caution.iron', ...($kit->settings->alloy === 'leaded' ? ['caution.lead'] : []), 'caution.eyes'],
            Work::Power => [...$this->power($kit), ...$this->venting($kit)],
            Work::Curing => ['caution.glue'],
            Work::Breaking => ['caution.dust'],
            Work::Battery => ['caution.battery'],
            Work::Other => [],
        };
        foreach ($designators as $name) {
            $codes = $kit->part($name)?->kind() === Kind::Transformer ? [...$codes, ...$this->power($kit)] : $codes;
        }

        return array_map(static fn(string $code): Reason => new Reason($code, [], Origin::CommonPractice), array_values(array_unique($codes)));
    }

    /** @return list<string> */
    private function power(Kit $kit): array
    {
        return [
            'caution.power',
            ...(array_intersect($kit->traits, ['mains', 'high-voltage']) !== [] ? ['caution.mains'] : []),
            ...(in_array('stored-charge', $kit->traits, true) ? ['caution.charge'] : []),
        ];
    }

    /** @return list<string> a reversed electrolytic or tantalum vents at first power */
    private function venting(Kit $kit): array
    {
        foreach ($kit->parts as $part) {
            if (in_array($part->kind(), [Kind::Electrolytic, Kind::Tantalum], true) && $part->supply->isOnBoard()) {
                return ['caution.vent'];
            }
        }

        return [];
    }
}
