<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

/** Input that cannot be read; the message is one plain sentence on what is wrong. */
final class Unreadable extends \RuntimeException
{
}
