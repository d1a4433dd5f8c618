<?php

declare(strict_types=1);

namespace Bibrel\App\Exceptions;

/** A link somebody was given leads nowhere; the sentence says what to do. */
final class NoSuchLink extends \RuntimeException
{
}
