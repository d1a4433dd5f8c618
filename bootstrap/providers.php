<?php

declare(strict_types=1);

return [Bibrel\App\BibrelProvider::class];
