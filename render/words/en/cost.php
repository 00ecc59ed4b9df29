<?php

declare(strict_types=1);

// What a build order costs, for the maker at the Order station.
return [
    'cost.more' => '{count} {what} more',
    'cost.fewer' => '{count} {what} fewer',
    'cost.nothing' => 'costs nothing',
    'score.violations' => 'rules broken',
    'score.violations.one' => 'rule broken',
    'score.inversions' => 'inversions',
    'score.inversions.one' => 'inversion',
    'score.lookAlikes' => 'look-alike pairs in one step',
    'score.lookAlikes.one' => 'look-alike pair in one step',
    'score.hanging' => 'parts hang',
    'score.hanging.one' => 'part hangs',
    'score.flips' => 'flips',
    'score.flips.one' => 'flip',
    'score.blockSwitches' => 'changes of block',
    'score.blockSwitches.one' => 'change of block',
    'score.kindSwitches' => 'changes of kind',
    'score.kindSwitches.one' => 'change of kind',
    'score.valueSwitches' => 'changes of value',
    'score.valueSwitches.one' => 'change of value',
    'score.steps' => 'steps',
    'score.steps.one' => 'step',
];
