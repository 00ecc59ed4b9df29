<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Bom\Twins;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** What may stand in for a part, what may not, and whether it matters: everything of the kit that depends on it. */
final readonly class Substitutes
{
    public function __construct(private Kit $kit) {}

    /** @return list<Reason> what is known of parts with the same pins that behave otherwise */
    public function warnings(KitPart $part): array
    {
        return Twins::of($part->line->cells->value);
    }

    /** @return list<Reason> tests, gates, voltages, selections and adjusters that depend on the part; none: a part of the same kind, rating and body will do */
    public function dependents(KitPart $part): array
    {
        $name = $part->designator;
        $word = '~\b' . preg_quote($name, '~') . '\b~';
        $reasons = [];
        foreach ($this->kit->work->tests as $test) {
            if ($test->adjusts === $name) {
                $reasons[] = new Reason('depends.adjusts', ['name' => $name, 'test' => $test->name], Origin::KitFile);
            } elseif (preg_match($word, $test->expect) === 1) {
                $reasons[] = new Reason(
                    'depends.formula',
                    ['name' => $name, 'test' => $test->name, 'formula' => $test->expect],
                    Origin::KitFile,
                );
            } elseif (in_array($name, $test->points, true) || preg_match($word, $test->otherwise) === 1) {
                $reasons[] = new Reason(
                    'depends.test',
                    ['name' => $name, 'test' => $test->name, 'expect' => $test->expect],
                    Origin::KitFile,
                );
            }
        }
        foreach ($this->kit->work->gates as $gate) {
            if (preg_match($word, $gate->expect) === 1 || in_array($name, $gate->needs, true)) {
                $reasons[] = new Reason(
                    'depends.gate',
                    ['name' => $name, 'gate' => $gate->name, 'expect' => $gate->expect],
                    Origin::KitFile,
                );
            }
        }
        foreach ($this->kit->work->groups->selected as $selected) {
            if (in_array($name, $selected->parts, true)) {
                $reasons[] = new Reason(
                    'depends.selected',
                    ['name' => $name, 'parts' => $selected->parts, 'difference' => $selected->maxDifference],
                    Origin::KitFile,
                );
            }
        }
        if (isset($this->kit->nature->circuit->across[$name])) {
            $reasons[] = new Reason(
                'depends.voltage',
                ['name' => $name, 'across' => $this->kit->nature->circuit->across[$name]],
                Origin::KitFile,
            );
        }

        return $reasons;
    }
}
