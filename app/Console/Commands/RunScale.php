<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\ScaleStandIn;
use Illuminate\Console\Command;

/** The simulated scale: ten readings a second, lines over loopback TCP, until it is ended. */
final class RunScale extends Command
{
    private const EVERY = 0.1;

    protected $signature = 'chiralex:scale';

    protected $description = 'Runs the simulated bench scale';

    public function handle(): int
    {
        $port = config()->integer('app.scale_port');
        $server = @stream_socket_server("tcp://127.0.0.1:{$port}", $code, $fault);
        if ($server === false) {
            $this->error("The scale cannot listen on port {$port}: {$fault}.");

            return self::FAILURE;
        }
        stream_set_blocking($server, false);
        $scale = new ScaleStandIn();
        $last = microtime(true);
        for (;;) {
            $now = microtime(true);
            if ($now - $last >= self::EVERY) {
                $scale->tick($now, $now - $last);
                $last = $now;
            }
            $ready = [$server];
            $none = null;
            if (stream_select($ready, $none, $none, 0, 20_000) > 0) {
                $this->answer($server, $scale);
            }
        }
    }

    /** @param resource $server */
    private function answer($server, ScaleStandIn $scale): void
    {
        $line = @stream_socket_accept($server, 0);
        if ($line === false) {
            return;
        }
        stream_set_timeout($line, 0, 200_000);
        $said = fgets($line, 200);
        if ($said !== false) {
            @fwrite($line, implode("\n", [...$scale->hear($said, microtime(true)), '.']) . "\n");
        }
        fclose($line);
    }
}
