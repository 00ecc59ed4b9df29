<?php

declare(strict_types=1);

namespace App\Queries\Shop;

/** What the doctor found of one thing: whether it is well, what was measured, and what to do. */
final readonly class Finding
{
    private function __construct(
        public string $about,
        public Health $health,
        public string $said,
        public string $todo = '',
    ) {}

    public static function well(string $about, string $said): self
    {
        return new self($about, Health::Well, $said);
    }

    public static function look(string $about, string $said, string $todo): self
    {
        return new self($about, Health::Look, $said, $todo);
    }

    public static function ill(string $about, string $said, string $todo): self
    {
        return new self($about, Health::Ill, $said, $todo);
    }

    /** @return array{about: string, health: string, said: string, todo: string} */
    public function told(): array
    {
        return [
            'about' => $this->about,
            'health' => $this->health->value,
            'said' => $this->said,
            'todo' => $this->todo,
        ];
    }
}
