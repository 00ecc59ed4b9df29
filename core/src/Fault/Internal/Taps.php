<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Fault\Diagnosis\Suspect;

/** What a tap on a sheet answers: the check of the part that is odd. */
final readonly class Taps
{
    /** @var array<string, array<array-key, Check>> sheet to designator to the check of that part alone */
    private array $parts;
    /** @var array<string, array<int, array<array-key, float>>> sheet to suspect to its parts, with the chance that their check is bad */
    private array $own;

    public function __construct(FaultModel $model)
    {
        $ofOne = $own = $parts = [];
        foreach ($model->checks as $check) {
            if ($check->kind->ofOne() === null && count($check->designators) === 1) {
                $ofOne[$check->kind->value][$check->designators[0]] = $check;
            }
        }
        $names = array_map(static fn(Suspect $suspect): array => array_flip($suspect->designators), $model->suspects);
        foreach ($model->checks as $sheet) {
            $kind = $sheet->kind->ofOne()->value ?? '';
            $here = array_intersect_key($ofOne[$kind] ?? [], array_flip($sheet->designators));
            if (count($here) < 2) {
                continue;
            }
            $parts[$sheet->name] = $here;
            foreach ($model->suspects as $index => $suspect) {
                foreach (array_intersect_key($here, $names[$index]) as $name => $check) {
                    $own[$sheet->name][$index][$name] = $suspect->badAt($check);
                }
            }
        }
        [$this->parts, $this->own] = [$parts, $own];
    }

    /** @return array<array-key, Check> designator to the check of that part alone; none where it is no sheet of several */
    public function of(Check $sheet): array
    {
        return $this->parts[$sheet->name] ?? [];
    }

    /** @return ?Tapped null where there is nothing to choose from */
    public function tapped(Check $sheet): ?Tapped
    {
        return isset($this->parts[$sheet->name])
            ? new Tapped(count($this->parts[$sheet->name]), $this->own[$sheet->name] ?? [])
            : null;
    }
}
