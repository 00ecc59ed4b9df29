<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\GoneHttpException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** What may be in a person's way, by the name of its words in lang/<language>/troubles.php. */
enum Trouble: string
{
    case NotFound = 'not-found';
    case NoPage = 'no-page';
    case Withdrawn = 'withdrawn';
    case Forbidden = 'forbidden';
    case Expired = 'expired';
    case TooLarge = 'too-large';
    case TooMany = 'too-many';
    case Away = 'away';
    case Database = 'database';
    case Disk = 'disk';
    case Host = 'host';
    case Server = 'server';

    /** Classes and codes of SQLSTATE, PostgreSQL documentation, appendix A. */
    private const DISK_FULL = '53100';
    private const AWAY = ['08', '57', '53'];
    /** What the driver says where it has no code yet. */
    private const NO_CONNECTION = '~could not connect|connection refused|server closed the connection|no connection to the server|connection to server~i';

    public static function of(Throwable $fault, Request $request): self
    {
        $status = $fault instanceof HttpExceptionInterface ? $fault->getStatusCode() : 500;

        return match (true) {
            $fault instanceof QueryException, $fault instanceof PDOException => self::ofDatabase($fault),
            $fault instanceof TokenMismatchException => self::Expired,
            $fault instanceof GoneHttpException => self::Withdrawn,
            $status === 404 => $request->is('b/*', 'api/public/*') ? self::NoPage : self::NotFound,
            $status === 403 => self::Forbidden,
            $status === 400 => self::Host,
            $status === 413 => self::TooLarge,
            $status === 419 => self::Expired,
            $status === 429 => self::TooMany,
            $status === 503 => self::Away,
            default => self::Server,
        };
    }

    private static function ofDatabase(PDOException $fault): self
    {
        $state = is_string($fault->getCode()) ? $fault->getCode() : '';

        return match (true) {
            $state === self::DISK_FULL => self::Disk,
            in_array(substr($state, 0, 2), self::AWAY, true),
            preg_match(self::NO_CONNECTION, $fault->getMessage()) === 1
                => self::Database,
            default => self::Server,
        };
    }

    public function status(): int
    {
        return match ($this) {
            self::NotFound, self::NoPage => 404,
            self::Withdrawn => 410,
            self::Forbidden => 403,
            self::Expired => 419,
            self::TooLarge => 413,
            self::TooMany => 429,
            self::Away, self::Database => 503,
            self::Disk => 507,
            self::Host => 400,
            self::Server => 500,
        };
    }

    /** Whether it comes from outside the code: one line in the log says all. */
    public function isExpected(): bool
    {
        return $this !== self::Server;
    }

    /** @return array{string, string} what it is, what to do */
    public function words(string $language): array
    {
        $words = trans("troubles.{$this->value}", [], $language);

        return is_array($words) && is_string($words[0] ?? null) && is_string($words[1] ?? null)
            ? [$words[0], $words[1]]
            : ['', ''];
    }
}
