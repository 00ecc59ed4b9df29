<?php

declare(strict_types=1);

namespace App\Actions\Shop;

use App\Models\Shop;

/** Where customers reach the builder's page: scheme, name and port, nothing behind. */
final readonly class PublicAddress
{
    private const NAME = '~^(https?)://((?:[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?\.)*[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?|\[[0-9a-f:.]{2,45}\])(:[0-9]{1,5})?$~';

    private function __construct(public string $text, public string $host, public bool $secure) {}

    /** @throws ShopRefusal when it is none */
    public static function parse(string $typed): self
    {
        $text = rtrim(mb_strtolower(trim($typed)), '/');
        if (!str_contains($text, '://')) {
            $text = "https://{$text}";
        }
        if (strlen($text) > 200 || preg_match(self::NAME, $text, $found) !== 1) {
            throw ShopRefusal::address(mb_substr($typed, 0, 80));
        }
        $port = (int) substr($found[3] ?? '', 1);
        if ($port > 65535) {
            throw ShopRefusal::address(mb_substr($typed, 0, 80));
        }

        return new self($text, $found[2], $found[1] === 'https');
    }

    /** The address of this shop; none until the maker has set one. */
    public static function ours(): ?self
    {
        $text = Shop::query()->whereKey(1)->value('public_address');
        if (!is_string($text)) {
            return null;
        }
        $secure = str_starts_with($text, 'https:');

        return new self($text, (string) parse_url($text, PHP_URL_HOST), $secure);
    }

    public function page(string $token): string
    {
        return "{$this->text}/b/{$token}";
    }

    /** As a person types it from paper: without the scheme, the token in fours. */
    public static function inLetters(string $page): string
    {
        $bare = (string) preg_replace('~^https?://~', '', $page);

        return (string) preg_replace_callback(
            '~[0-9a-f]{32}$~',
            static fn(array $token): string => implode('-', str_split($token[0], 4)),
            $bare,
        );
    }
}
