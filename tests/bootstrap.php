<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

// bin/test tells which instance is under test; without it only the core's suite can run.
$instance = getenv('BIBREL_INSTANCE') ?: dirname(__DIR__).'/var/test';
putenv("BIBREL_INSTANCE={$instance}");
