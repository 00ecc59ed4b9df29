<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Fuzz\Mutator;
use Tests\Fuzz\ReportSubject;

/** A small share of what bin/fuzz does: damaged reports, ticks, photos and addresses are never a fault of the server. */
final class DamagedInputTest extends TradeCase
{
    public function test_what_a_stranger_damages_is_taken_or_refused(): void
    {
        $subject = new ReportSubject($this->app, $this->unitToken($this->run_($this->released())));
        for ($index = 0; $index < 80; ++$index) {
            $mutator = new Mutator(11_000_000 + $index);
            $subject->take($mutator->damaged($mutator->pick($subject->samples()), $subject->samples()));
        }
        $this->addToAssertionCount(80);
    }

    public function test_its_good_inputs_are_taken(): void
    {
        $token = $this->unitToken($this->run_($this->released()));
        $fields = json_decode(explode("\n", (new ReportSubject($this->app, $token))->samples()[0], 2)[1], true);

        $this->postJson("/api/public/{$token}/reports", (array) $fields)->assertCreated();
    }
}
