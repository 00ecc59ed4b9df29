<?php

declare(strict_types=1);

namespace Tests\Architecture;

/** Which namespaces a file names, in its imports, its docblocks and in full. */
final readonly class Uses
{
    /**
     * @param array<string, string> $sources path to source
     * @param list<string> $forbidden namespaces, with their last backslash
     * @return list<string> `path uses Name`
     */
    public static function forbidden(array $sources, array $forbidden): array
    {
        $found = [];
        foreach ($sources as $path => $source) {
            preg_match_all('~(?<![\w\\\\$])\\\\?((?:[A-Z]\w*\\\\)+)[A-Z]\w*~', $source, $names);
            foreach (array_unique($names[1]) as $index => $name) {
                foreach ($forbidden as $namespace) {
                    if (str_starts_with($name, $namespace)) {
                        $found[] = "{$path} uses " . ltrim($names[0][$index], '\\');
                    }
                }
            }
        }

        return $found;
    }

    /** @return array<string, string> path to source of the PHP files below a folder of the project */
    public static function below(string $folder): array
    {
        $sources = [];
        $paths =
            preg_split('~\n~', trim((string) shell_exec('find ' . escapeshellarg($folder) . " -name '*.php'"))) ?: [];
        foreach (array_filter($paths) as $path) {
            $sources[$path] = (string) file_get_contents($path);
        }

        return $sources;
    }
}
