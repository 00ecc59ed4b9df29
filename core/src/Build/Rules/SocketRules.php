<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Build\Rule;
use Chiralex\Build\RuleSource;
use Chiralex\Build\TaskBook;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** The socket is soldered before its IC goes in. */
final readonly class SocketRules implements RuleSource
{
    public function rules(Kit $kit, TaskBook $book): array
    {
        $rules = [];
        foreach ($kit->parts as $part) {
            $socket = $part->place->socket === null ? null : $book->finish($part->place->socket);
            $insert = $book->finish($part->designator);
            if ($socket !== null && $insert !== null) {
                $rules[] = new Rule(
                    $socket,
                    $insert,
                    new Reason(
                        'order.socket-first',
                        ['ic' => $part->designator, 'socket' => (string) $part->place->socket],
                        Origin::CommonPractice,
                    ),
                );
            }
        }

        return $rules;
    }
}
