<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** Who builds. */
enum Skill: string
{
    case Beginner = 'beginner';
    case Practised = 'practised';
}
