<?php

declare(strict_types=1);

namespace Chiralex\Safety;

use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** What stands in front of a kit's manual: the hazards its maker declared and those its parts bring. */
final readonly class KitCautions
{
    private const TRAITS = [
        'mains' => 'caution.mains', 'high-voltage' => 'caution.mains', 'stored-charge' => 'caution.charge', 'battery' => 'caution.battery', 'coin-cell' => 'caution.coin-cell', 'small-magnets' => 'caution.magnets', 'hot' => 'caution.hot',
        'strong-field' => 'caution.field', 'radio' => 'caution.radio', 'laser' => 'caution.light', 'bright-light' => 'caution.light', 'glue' => 'caution.glue', 'drilling' => 'caution.drilling', 'small-parts' => 'caution.small-parts',
    ];

    /** @return list<Reason> */
    public function of(Kit $kit): array
    {
        $codes = (new Cautions())->of($kit, Work::Soldering, []);
        $traits = $kit->traits;
        foreach ($kit->parts as $part) {
            if ($part->kind() === Kind::Battery) {
                $traits[] = 'battery';
            }
        }
        // Every kit of loose parts holds small ones.
        $traits[] = 'small-parts';
        foreach (array_unique($traits) as $trait) {
            $codes[] = new Reason(self::TRAITS[$trait] ?? 'caution.power', [], Origin::CommonPractice);
        }

        return array_values(array_unique($codes, SORT_REGULAR));
    }
}
