<?php

declare(strict_types=1);

namespace Bibrel\App\People;

/** A file that was given as an archive is none; the sentence says what to do. */
final class NoArchive extends \RuntimeException
{
}
