<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Queries\Shop\Doctor;
use App\Queries\Shop\Health;
use Illuminate\Console\Command;

/** Says how the installation is; ends with 1 when something is ill. */
final class AskDoctor extends Command
{
    protected $signature = 'chiralex:doctor';

    protected $description = 'Say how this installation is, and what to do';

    public function handle(Doctor $doctor): int
    {
        $ill = false;
        foreach ($doctor->findings() as $finding) {
            $ill = $ill || $finding->health === Health::Ill;
            $this->line(sprintf('%-5s %-15s %s', $finding->health->value, $finding->about, $finding->said));
            if ($finding->todo !== '') {
                $this->line(str_repeat(' ', 22) . $finding->todo);
            }
        }

        return $ill ? self::FAILURE : self::SUCCESS;
    }
}
