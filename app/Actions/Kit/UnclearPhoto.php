<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Support\Refusal;
use Illuminate\Http\Request;

/** A photograph whose tapped corners are none, or may be of another board: the maker is asked. */
final class UnclearPhoto extends Refusal
{
    private bool $asks = false;

    public static function outOfOrder(): self
    {
        return new self('Tap the corners of the board in order: upper left, upper right, lower right, lower left.');
    }

    public static function otherShape(float $seen, float $board): self
    {
        $refused = new self(
            sprintf(
                'What was tapped is %.1f times as wide as high, the board %.1f times. Is it this board, seen from this side?',
                $seen,
                $board,
            ),
        );
        $refused->asks = true;

        return $refused;
    }

    public static function tooMany(int $most): self
    {
        return new self("This kit has {$most} photographs already; take one out before another comes in.");
    }

    public static function noBoard(string $board): self
    {
        return new self("There is no board {$board} with an outline; draw its outline in Board first.");
    }

    protected function more(Request $request): array
    {
        return ['asks' => $this->asks];
    }
}
