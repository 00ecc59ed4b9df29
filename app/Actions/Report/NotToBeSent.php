<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Support\Refusal;

/** Pieces that cannot be sent, and why. */
final class NotToBeSent extends Refusal
{
    public static function nobody(int $report): self
    {
        return new self(
            "Report {$report} names no customer to send to. Ask for name and address in the answer, and send the pieces from Sales.",
        );
    }

    public static function noPart(string $designator): self
    {
        return new self("The kit of this report has no part {$designator}; set the kit, or name another part.");
    }
}
