<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli;

/** A command line that cannot be carried out; the message is one plain sentence. */
final class UsageError extends \RuntimeException
{
}
