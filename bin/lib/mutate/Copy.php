<?php

declare(strict_types=1);

namespace Chiralex\Mutate;

use RuntimeException;

/** A copy of the core that one change at a time is made to; the sources of the project are never touched. */
final class Copy
{
    /** @var resource|null */
    private mixed $process = null;
    private float $until = 0.0;
    private string $changed = '';

    private function __construct(
        private readonly string $root,
        private readonly string $module,
        private readonly string $home,
    ) {}

    public static function of(string $root, string $module, int $job, string $planted): self
    {
        $home = "{$root}/var/mutate/{$job}";
        shell_exec('rm -rf ' . escapeshellarg($home));
        @mkdir($home, 0o755, true);
        shell_exec('cp -r ' . escapeshellarg("{$root}/core/src") . ' ' . escapeshellarg("{$home}/src"));
        // The copy goes before what composer knows.
        file_put_contents(
            "{$home}/bootstrap.php",
            '<?php
            require ' .
                var_export("{$root}/vendor/autoload.php", true) .
                ';
            spl_autoload_register(static function (string $class): void {
                $path = ' .
                var_export("{$home}/src/", true) .
                ' . strtr(substr($class, 9), "\\\\", "/") . ".php";
                if (str_starts_with($class, "Chiralex\\\\") && is_file($path)) { require $path; }
            }, true, true);',
        );
        $copy = new self($root, $module, $home);
        foreach ($copy->files() as $file) {
            $source = $copy->source($file);
            if (preg_match('~^final readonly class~m', $source) === 1) {
                file_put_contents("{$home}/src/{$file}", substr(rtrim($source), 0, -1) . $planted . "}\n");
                break;
            }
        }

        return $copy;
    }

    /** @return list<string> files of the module, below src */
    public function files(): array
    {
        $found = explode(
            "\n",
            trim(
                (string) shell_exec(
                    'cd ' .
                        escapeshellarg("{$this->home}/src") .
                        " && find {$this->module} -name '*.php' | LC_ALL=C sort",
                ),
            ),
        );

        return array_values(array_filter($found));
    }

    public function source(string $file): string
    {
        return (string) file_get_contents("{$this->home}/src/{$file}");
    }

    /** @return float seconds that the tests take where nothing is changed */
    public function mustPass(): float
    {
        $start = hrtime(true);
        $this->start();
        while (($code = $this->ended()) === null) {
            usleep(2000);
        }

        return $code === 0
            ? (hrtime(true) - $start) / 1e9
            : throw new RuntimeException("the tests of {$this->module} fail before anything is changed");
    }

    public function begin(string $file, string $source, float $limit): void
    {
        $this->changed = $file;
        copy("{$this->home}/src/{$file}", "{$this->home}/before.php");
        file_put_contents("{$this->home}/src/{$file}", $source);
        $this->start($limit);
        // On a machine that does other work as well the hour is longer; what counts is the work done.
        $this->until = hrtime(true) / 1e9 + 10 * $limit;
    }

    /** @return ?bool null while the tests run; true where they fail or do not end */
    public function noticed(): ?bool
    {
        $code = $this->ended();
        if ($code === null && hrtime(true) / 1e9 > $this->until) {
            $pid = proc_get_status($this->process)['pid'];
            posix_kill(-$pid, SIGKILL);
            proc_close($this->process);
            $this->process = null;
            $code = 255;
        }
        if ($code === null) {
            return null;
        }
        rename("{$this->home}/before.php", "{$this->home}/src/{$this->changed}");

        return $code !== 0;
    }

    /** @param float $limit seconds of work on the processor after which the tests are ended */
    private function start(float $limit = 3600.0): void
    {
        $command = [
            'setsid',
            'prlimit',
            '--cpu=' . (int) ceil($limit),
            'php',
            '-d',
            'memory_limit=512M',
            "{$this->root}/vendor/bin/phpunit",
            '-c',
            "{$this->root}/core/phpunit.xml",
            '--bootstrap',
            "{$this->home}/bootstrap.php",
            '--stop-on-defect',
            '--no-progress',
            '--no-results',
            '--do-not-cache-result',
            "{$this->root}/core/tests/{$this->module}",
        ];
        $none = ['file', '/dev/null', 'w'];
        $process = proc_open($command, [['file', '/dev/null', 'r'], $none, $none], $pipes, $this->root);
        $this->process = is_resource($process) ? $process : throw new RuntimeException('no process could be started');
    }

    private function ended(): ?int
    {
        $status = $this->process === null ? ['running' => false, 'exitcode' => 255] : proc_get_status($this->process);
        if ($status['running']) {
            return null;
        }
        if ($this->process !== null) {
            proc_close($this->process);
            $this->process = null;
        }

        return $status['exitcode'];
    }
}
