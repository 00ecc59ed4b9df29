<?php

declare(strict_types=1);

namespace App\Actions\Buying;

use App\Support\Refusal;

/** What cannot be bought, booked or changed so, and what to do instead. */
final class BuyingRefusal extends Refusal
{
    private function __construct(string $message, private readonly int $code_ = 422)
    {
        parent::__construct($message);
    }

    public static function named(string $supplier): self
    {
        return new self("There is a supplier {$supplier} already; change that one, or write another name.");
    }

    public static function changed(string $supplier): self
    {
        return new self("Somebody else changed {$supplier} since you saw it; look again, then change it.", 409);
    }

    public static function otherPlan(string $was, string $is): self
    {
        return new self(
            "The plan costs {$is} now, not {$was}: stock or prices changed meanwhile. Look at it again, then order.",
            409,
        );
    }

    public static function nothing(): self
    {
        return new self('Nothing of this has to be ordered: all of it is on hand or on its way.');
    }

    public static function unpriced(string $supplier, string $currency): self
    {
        return new self(
            "{$supplier} sells in {$currency}, and nobody said what that is worth. Write the rate under Suppliers first.",
        );
    }

    public static function cancelled(int $number): self
    {
        return new self("Order {$number} was cancelled; nothing of it is awaited. Book the parts under Parts instead.");
    }

    public static function arrived(int $number): self
    {
        return new self("Something of order {$number} has come already; say of each line that the rest will not come.");
    }

    public static function noTable(string $file): self
    {
        return new self(
            "{$file} has neither the columns part, supplier, currency, from, unit_price nor supplier, currency, shipping. Name the columns so in its first row.",
        );
    }

    protected function status(): int
    {
        return $this->code_;
    }
}
