<?php

declare(strict_types=1);

namespace App\Devices\Mail;

/** A folder of letters that came in; it is read and never changed. */
interface Mailbox
{
    /**
     * Letters that were not read before, a few at a time.
     *
     * @param callable(string): void $take bytes of a letter; what it takes is kept before the next one is read
     * @return int how many
     * @throws MailFailure when the box cannot be read; what was taken before stays taken
     */
    public function read(callable $take): int;
}
