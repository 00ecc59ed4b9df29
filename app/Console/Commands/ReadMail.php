<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Mail\FetchMail;
use Illuminate\Console\Command;

/** Reads the mailbox; the worker calls it every five minutes. */
final class ReadMail extends Command
{
    protected $signature = 'chiralex:mail';

    protected $description = 'Read the letters that came in';

    public function handle(FetchMail $fetch): int
    {
        $count = $fetch();
        if ($count > 0) {
            $this->info("{$count} letters");
        }

        return self::SUCCESS;
    }
}
