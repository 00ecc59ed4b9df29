<?php

declare(strict_types=1);

namespace Chiralex\Kit\Edit;

use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Hazard;
use Chiralex\Kit\Internal\EditValue;

/** An answer to a question of safety: the kit has the hazard, has it not (and why), or nothing is said. */
final readonly class HazardEdit implements Edit
{
    private const LONGEST = 300;

    /** @param bool|string|null $answer true for yes, a text for no (why), false for no without a reason, null for nothing said */
    private function __construct(public Hazard $hazard, public bool|string|null $answer) {}

    /** @throws UnusableEdit when there is no such hazard, or the answer is none */
    public static function read(string $hazard, mixed $answer): self
    {
        $known =
            Hazard::tryFrom($hazard) ??
            throw UnusableEdit::unknown('question of safety', $hazard, array_column(Hazard::cases(), 'value'));
        if ($answer !== null && !is_bool($answer)) {
            $answer = mb_substr(trim(EditValue::text('the reason', $answer)), 0, self::LONGEST);
        }

        return new self($known, $answer);
    }

    public function on(Folder $folder): Edited
    {
        $tree = $folder->tree();
        $traits = $tree->list(['traits']);
        $why = ['ruledOut', $this->hazard->value];
        $reason = $tree->at($why);
        $before = in_array($this->hazard->value, $traits, true) ? true : (is_string($reason) ? $reason : null);
        $traits = array_values(array_diff(array_filter($traits, is_string(...)), [$this->hazard->value]));
        $tree = $tree->without($why);
        if ($this->answer === true) {
            $traits[] = $this->hazard->value;
        } elseif ($this->answer !== null) {
            $tree = $tree->with($why, is_string($this->answer) ? $this->answer : '');
        }

        return new Edited(
            $folder->withTree($traits === [] ? $tree->without(['traits']) : $tree->with(['traits'], $traits)),
            new self($this->hazard, $before === '' ? false : $before),
        );
    }

    public function entry(): array
    {
        return ['type' => 'hazard', 'target' => $this->hazard->value, 'field' => '', 'value' => $this->answer];
    }
}
