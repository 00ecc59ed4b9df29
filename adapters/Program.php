<?php

declare(strict_types=1);

namespace ChiralexAdapters;

/** Runs a program without a shell, with a time limit. */
final readonly class Program
{
    /**
     * @param non-empty-list<string> $command
     * @param int $seconds after which it is stopped
     * @return string what it printed
     * @throws UnusableProgram when it is missing, fails or takes too long
     */
    public static function run(array $command, string $input = '', int $seconds = 60): string
    {
        $name = basename($command[0]);
        $process = @proc_open(
            ['timeout', '-k', '2', (string) $seconds, ...$command],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            null,
            [
                'PATH' => '/usr/local/bin:/usr/bin:/bin:/usr/sbin:/sbin',
                'HOME' => sys_get_temp_dir(),
                'LANG' => 'C.UTF-8',
            ],
        );
        if (!is_resource($process)) {
            throw UnusableProgram::absent($name);
        }
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $output = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);
        $code = proc_close($process);

        return match ($code) {
            0 => $output,
            127 => throw UnusableProgram::absent($name),
            124, 137 => throw UnusableProgram::failed($name, "it took more than {$seconds} s"),
            default => throw UnusableProgram::failed($name, $errors === '' ? "exit code {$code}" : $errors),
        };
    }
}
