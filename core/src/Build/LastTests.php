<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Gate;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Test;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;

/** The tests at the end of a build: does it do what it is for, and does it still do it in its box. */
final readonly class LastTests
{
    /** Does it do what it is for? */
    public const FINISHED = 'finished';
    /** Does it still, in its box? */
    public const BOXED = 'boxed';

    /** A kit that runs from something, or has a test that belongs to no gate, is tried when it is finished. */
    public static function has(Kit $kit): bool
    {
        $open = array_filter(
            $kit->work->tests,
            static fn(Test $test): bool => $test->gate === null && $test->adjusts === null,
        );
        $names = array_map(static fn(Gate $gate): string => $gate->name, $kit->work->gates);

        return ($open !== [] || $kit->nature->power !== null) && array_intersect([self::FINISHED], $names) === [];
    }

    public static function isBoxed(Kit $kit): bool
    {
        $names = array_map(static fn(Gate $gate): string => $gate->name, $kit->work->gates);

        return !$kit->nature->boardless &&
            !in_array(self::BOXED, $names, true) &&
            array_filter(
                $kit->parts,
                static fn(KitPart $part): bool => $part->kind() === Kind::Enclosure && $part->supply->isBuilt(),
            ) !== [];
    }

    /** Something to switch on: a supply, a battery, or a test that is made with power; a gate without a test of its own is one. */
    public static function isPowered(Kit $kit): bool
    {
        $tested = array_map(static fn(Test $test): ?string => $test->gate, $kit->work->tests);

        return $kit->nature->power !== null ||
            array_filter($kit->work->tests, static fn(Test $test): bool => $test->power === 'on') !== [] ||
            array_filter($kit->work->gates, static fn(Gate $gate): bool => !in_array($gate->name, $tested, true)) !==
                [] ||
            array_filter($kit->parts, static fn(KitPart $part): bool => $part->row->is(Role::HoldsBattery)) !== [];
    }

    public static function isBoxWork(?KitPart $part): bool
    {
        return $part !== null && ($part->place->inCase || $part->row->is(Role::BoxWork));
    }
}
